import type { Point } from '#core/pin';
import { escapeHtml, escapeXml, jsonString } from '#core/text';

/** A stamped picture as pages and machines are told of it; '' or 0 for what is not known. */
export interface ToldPicture {
  /** The name of its file. */
  readonly name: string;
  readonly title: string;
  readonly caption: string;
  readonly alt: string;
  readonly author: string;
  readonly copyright: string;
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  readonly point: Point | undefined;
}

/** The address of a picture in the folder of a site where all of them will lie. */
const pictureAddress = (folder: string, name: string): string =>
  `${folder.trim().replace(/\/*$/, '/')}${encodeURIComponent(name)}`;

/** The pictures as schema.org `ImageObject`s: one script element with a graph of them. */
export function imageObjects(pictures: readonly ToldPicture[], folder: string): string {
  const objects = pictures.map((picture) => {
    const { title, caption, alt, author, copyright, width, height, point } = picture;
    const address = pictureAddress(folder, picture.name);
    const lines = [
      member('@type', 'ImageObject'),
      member('@id', `${address}#image`),
      member('contentUrl', address),
      ...texts({ name: title, caption: caption || alt, creditText: author, copyrightNotice: copyright }),
      ...(width && height ? [`"width": ${String(width)}`, `"height": ${String(height)}`] : []),
      ...(point
        ? [
            `"contentLocation": {"@type": "Place", "geo": {"@type": "GeoCoordinates", "latitude": ${String(point.latitude)}, "longitude": ${String(point.longitude)}}}`,
          ]
        : []),
    ];
    return `    {\n${lines.map((line) => `      ${line}`).join(',\n')}\n    }`;
  });
  return `<script type="application/ld+json">\n{\n  "@context": "https://schema.org",\n  "@graph": [\n${objects.join(',\n')}\n  ]\n}\n</script>`;
}

const member = (name: string, text: string): string => `${jsonString(name)}: ${jsonString(text)}`;
const texts = (said: Readonly<Record<string, string>>): string[] =>
  Object.entries(said).flatMap(([name, text]) => (text ? [member(name, text)] : []));

/** The pictures as `img` elements with their alternative text (HTML Living Standard, 4.8.3). */
export const imageElements = (pictures: readonly ToldPicture[], folder: string): string =>
  pictures
    .map(({ name, alt, width, height }) => {
      const size = width && height ? ` width="${String(width)}" height="${String(height)}"` : '';
      return `<img src="${escapeHtml(pictureAddress(folder, name))}" alt="${escapeHtml(alt)}"${size} loading="lazy">`;
    })
    .join('\n');

/** A page with its pictures as an entry of a sitemap (sitemaps.org protocol 0.9, with its extension for images 1.1). */
export function imageSitemap(pictures: readonly ToldPicture[], folder: string, page: string): string {
  const images = pictures.map(
    ({ name }) =>
      `    <image:image>\n      <image:loc>${escapeXml(pictureAddress(folder, name))}</image:loc>\n    </image:image>\n`,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>\n<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9" xmlns:image="http://www.google.com/schemas/sitemap-image/1.1">\n  <url>\n    <loc>${escapeXml(page.trim())}</loc>\n${images.join('')}  </url>\n</urlset>\n`;
}
