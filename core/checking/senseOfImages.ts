import { finding, shortText, type Finding } from '#core/fault';
import { textOf, type ReadItem } from '#core/item';
import { propertiesMeant } from './meant.ts';
import { tell, type Spot } from './spot.ts';

/** The address of a page, or of a whole site. */
const OF_A_PAGE = /^https?:\/\/(?:[^/?#]+\/?(?:#|$)|[^?#]*\/[^?#]*\.(?:html?|aspx)(?:[?#]|$))/i;
/** A file that is no picture, by its ending (IANA, Media Types). */
const NO_PICTURE =
  /^https?:\/\/[^/]+\/[^?#]*\.(pdf|docx?|odt|txt|zip|mp4|m4v|mov|avi|webm|mp3|psd|eps|css|js|json|xml)(?:[?#]|$)/i;
/** Pictures that templates stand in with, by the name of their file or of the host that draws them. */
const STAND_IN =
  /^https?:\/\/(?:[^/]*\.)?(?:[\w-]*placeholder[\w-]*|placehold|dummyimage|picsum|placekitten|lorempixel|loremflickr|fakeimg)\.[a-z.]+\/|\/(?:[\w-]*[-_])?(?:placeholder|no[-_]?image|image[-_]?not[-_]?found|default[-_]?image|dummy[-_]?image|sample[-_]?image)(?:[-_.][\w-]*)?\.(?:png|jpe?g|gif|webp|svg)(?:[?#]|$)/i;

/** The address of a page, a document or a stand-in where one of a picture is asked for. */
export function judgePictureAddress(spot: Spot): readonly Finding[] {
  const { text, property } = spot;
  const say = (code: Finding['code'], what: string): readonly Finding[] => [
    tell(spot, code, `“${shortText(text)}” ${what}`),
  ];
  if (STAND_IN.test(text))
    return say('value/placeholder', 'is a picture that templates stand in with. Give one of the business.');
  if (OF_A_PAGE.test(text))
    return say('value/image', `is the address of a page, and ${property.name} asks for that of a picture.`);
  const [, ending] = NO_PICTURE.exec(text) ?? [];
  return ending
    ? say('value/image', `leads to a file of .${ending}, and ${property.name} asks for a picture.`)
    : [];
}

/** The same of the file that an ImageObject names; what else has a contentUrl may be of any kind. */
export const judgeContent = (spot: Spot): readonly Finding[] =>
  spot.item.types.includes('ImageObject') ? judgePictureAddress(spot) : [];

/** An ImageObject without the address of a picture; one that says nothing at all is told as that. */
export function judgeImage(item: ReadItem): readonly Finding[] {
  if (!item.types.includes('ImageObject') || item.id !== null || item.properties.length === 0) return [];
  const meant = propertiesMeant(item);
  if (['url', 'contentUrl', 'embedUrl'].some((name) => textOf(item, name).trim() || meant.has(name)))
    return [];
  return [
    finding(
      'value/image',
      'This ImageObject has no address of a picture. Give its url or contentUrl.',
      item.typePlace,
      'url',
    ),
  ];
}
