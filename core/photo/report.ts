import { distance, type Point } from '#core/pin';
import { counted, escapeHtml, ownPage } from '#core/text';

/** A picture as a report shows it; '' for what is not known. */
interface ReportedPicture {
  /** A small picture, as a `data:` address. */
  readonly thumbnail: string;
  readonly name: string;
  readonly title: string;
  readonly alt: string;
  readonly point: Point | undefined;
  readonly proved: boolean;
  /** Where it went, in words. */
  readonly uses: readonly string[];
}

/** What a report on photos tells of. */
export interface PhotoReport {
  readonly title: string;
  /** As people of the client read dates. */
  readonly date: string;
  readonly pin: Point | undefined;
  readonly pictures: readonly ReportedPicture[];
}

/** The photos of a branch on one page without anything outside it, to send and to print. */
export function photoReport({ title, date, pin, pictures }: PhotoReport): string {
  const proved = pictures.filter((picture) => picture.proved).length;
  const body = `<h1>${escapeHtml(title)}</h1>
<p>${escapeHtml(date)}. ${counted(pictures.length, 'photo')}, ${String(proved)} with every field read back from its file by a second reader.</p>
${mapOf(pin, pictures)}
<ol>
${pictures.map(entry).join('\n')}
</ol>`;
  return ownPage({
    title: `${title}: photos`,
    style: STYLE,
    body,
    allows: 'img-src data:',
  });
}

function entry({ thumbnail, name, title, alt, point, proved, uses }: ReportedPicture): string {
  const place = point ? `${point.latitude.toFixed(5)}, ${point.longitude.toFixed(5)}` : 'no coordinates';
  const went = uses.length > 0 ? `<ul>${uses.map((use) => `<li>${escapeHtml(use)}</li>`).join('')}</ul>` : '';
  return `<li><img src="${escapeHtml(thumbnail)}" alt="${escapeHtml(alt)}"><div><b>${escapeHtml(title || name)}</b><br>${escapeHtml(name)}<br>${escapeHtml(place)}<br>${proved ? 'proved' : 'not proved'}${went}</div></li>`;
}

const WIDTH = 640;
const HEIGHT = 300;
const EDGE = 30;

/** Where the photos were taken, to scale, around the pin. */
function mapOf(pin: Point | undefined, pictures: readonly ReportedPicture[]): string {
  const points = pictures.flatMap(({ point }) => point ?? []);
  const all = pin ? [pin, ...points] : points;
  const [first] = all;
  if (!first) return '';
  const [south, north] = ends(all.map(({ latitude }) => latitude));
  const [west, east] = ends(all.map(({ longitude }) => longitude));
  const shrink = Math.cos((((south + north) / 2) * Math.PI) / 180);
  // At least 200 m are shown, so that photos of one place are not told apart by the width of a door.
  const spread = Math.max(
    north - south,
    ((east - west) * shrink * (HEIGHT - 2 * EDGE)) / (WIDTH - 2 * EDGE),
    0.0018,
  );
  const scale = (HEIGHT - 2 * EDGE) / spread;
  const at = ({ latitude, longitude }: Point): readonly [number, number] => [
    WIDTH / 2 + (longitude - (west + east) / 2) * shrink * scale,
    HEIGHT / 2 - (latitude - (south + north) / 2) * scale,
  ];
  const dots = points.map((point) => {
    const [x, y] = at(point);
    return `<circle cx="${x.toFixed(1)}" cy="${y.toFixed(1)}" r="5" fill="#3c454b" fill-opacity=".6"/>`;
  });
  const plumb = pin ? pinAt(at(pin)) : '';
  const metres = distance(
    { latitude: south, longitude: first.longitude },
    { latitude: south + spread, longitude: first.longitude },
  );
  const bar = niceLength(metres / 3);
  const length = (bar / metres) * (HEIGHT - 2 * EDGE);
  const unit = bar >= 1000 ? `${String(bar / 1000)} km` : `${String(bar)} m`;
  return `<figure><svg viewBox="0 0 ${String(WIDTH)} ${String(HEIGHT)}" role="img" aria-label="Where the photos were taken, around the pin of the branch"><rect width="100%" height="100%" fill="#e8ebec"/>${dots.join('')}${plumb}<path d="M20 ${String(HEIGHT - 16)}h${length.toFixed(1)}" stroke="#1f2529" stroke-width="2"/><text x="20" y="${String(HEIGHT - 22)}" font-size="12">${unit}</text></svg><figcaption>Where the photos were taken; the plumb bob is the pin of the branch. North is up.</figcaption></figure>`;
}

/** The least and the greatest. */
const ends = (numbers: readonly number[]): readonly [number, number] => {
  const sorted = numbers.toSorted((one, other) => one - other);
  return [sorted[0] ?? 0, sorted.at(-1) ?? 0];
};

const pinAt = ([x, y]: readonly [number, number]): string =>
  `<path transform="translate(${(x - 11).toFixed(1)} ${(y - 34).toFixed(1)})" d="M11 34 2 12 5 3h12l3 9z" fill="#6b2d5c" stroke="#fff"/>`;

/** 1, 2 or 5 times a power of ten, metres; the largest that is no longer. */
function niceLength(most: number): number {
  const power = 10 ** Math.floor(Math.log10(Math.max(1, most)));
  return ([5, 2].find((times) => times * power <= most) ?? 1) * power;
}

const STYLE =
  'body{font:14px/1.45 sans-serif;color:#1f2529;max-width:60rem;margin:2rem auto;padding:0 1rem}h1{font-size:1.5rem}figure{margin:1rem 0}svg{width:100%;max-width:640px;border:1px solid #b9c1c6}figcaption{color:#3c454b;font-size:12px}ol{list-style:none;padding:0;display:grid;grid-template-columns:repeat(auto-fill,minmax(17rem,1fr));gap:1rem}li{display:flex;gap:.75rem;break-inside:avoid;overflow-wrap:anywhere}img{width:120px;height:90px;object-fit:cover}ul{padding-left:1rem;margin:0}ul li{display:list-item;list-style:disc}';
