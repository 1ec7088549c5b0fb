import { shortText, type Finding } from '#core/fault';
import { itemsOf, textOf, type ReadItem } from '#core/item';
import { isPageTitle } from '#core/value';
import { areOf } from '#core/vocabulary';
import { tell, type Spot } from './spot.ts';

/** “(Open 24/7)”, “permanently closed”: what changes, and is no name. */
const SAYS_WHETHER_OPEN =
  /\b(?:permanently|temporarily) closed\b|\bopen(?:ed)? (?:24|now|daily|7 days|sundays?)\b|(?<!^)\b24\/7\b|\b(?:dauerhaft|vorübergehend) geschlossen\b|\b(?:définitivement|temporairement) fermée?(?!\p{L})|\bcerrad[oa] (?:permanente|temporal)mente\b|\bchius[oa] (?:definitiva|temporanea)mente\b|\b(?:permanent|tijdelijk) gesloten\b|永久(?:停业|停業|閉業)|臨時休業/iu;

/** A name that says more than stands over the door, or is none. */
export function judgeName(spot: Spot): readonly Finding[] {
  const { text, item } = spot;
  if (!areOf(item.types, 'LocalBusiness', 'Organization')) return [];
  if (isPageTitle(text))
    return [
      tell(
        spot,
        'value/name',
        `“${shortText(text)}” is the title of a page or a kind of business. Write the name as it stands over the door.`,
      ),
    ];
  if (SAYS_WHETHER_OPEN.test(text))
    return [
      tell(
        spot,
        'value/name',
        `“${shortText(text)}” says whether it is open. Write the name alone; the hours have properties of their own.`,
      ),
    ];
  const stuffed =
    /https?:\/\/|www\./i.test(text) ||
    /\p{Extended_Pictographic}/u.test(text.replace(/[©®™]/g, '')) ||
    // Partners of a practice stand side by side in its name.
    (text.match(/,/g)?.length ?? 0) >= 4 ||
    (/[|•]/.test(text) && (text.length > 50 || text.includes(','))) ||
    /\+?\d[\d ()-]{7,}\d/.test(text) ||
    describes(text, item);
  if (stuffed)
    return [
      tell(
        spot,
        'value/name',
        `“${shortText(text)}” is more than a name. Write the name as it stands over the door; services, towns, numbers and signs have places of their own.`,
      ),
    ];
  const words = text.match(/\p{L}{3,}/gu) ?? [];
  if (words.length >= 3 && words.every((word) => word === word.toUpperCase() && word !== word.toLowerCase()))
    return [
      tell(
        spot,
        'value/name-capitals',
        `“${shortText(text)}” is written in capitals. Write it as it stands over the door.`,
      ),
    ];
  return [];
}

/** Whether more than a town stands behind a dash in a name: what is sold, and where. */
function describes(text: string, item: ReadItem): boolean {
  const [, behind = ''] = / [-–—|] (.+)$/u.exec(text) ?? [];
  const [address] = itemsOf(item, 'address');
  const town = address ? textOf(address, 'addressLocality').trim() : '';
  return (
    (behind.match(/\p{L}{3,}/gu) ?? []).length >= 3 &&
    (behind.includes(',') || (town.length > 2 && behind.includes(town)))
  );
}
