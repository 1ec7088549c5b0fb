import { addressLines, countryCode, isEmptyAddress } from '#core/address';
import { clockOf, closedSpan, hoursLines, readDay, type HoursLine } from '#core/hours';
import { readTelephone } from '#core/phone';
import { writeDegrees } from '#core/pin';
import { countryOf, type BusinessRecord, type Fact } from '#core/record';
import { escapeHtml } from '#core/text';
import { markupTelephone, markupTypes } from './item.ts';
import { MarkupWriter, type Markup } from './writer.ts';

const SCHEMA = 'https://schema.org/';

/**
 * The visible name, address, telephone and hours as HTML with microdata (HTML Living Standard, 5), saying
 * the same as the JSON-LD. The telephone stands in the form of its country and links to its E.164 form.
 */
export function napBlock(record: BusinessRecord): Markup {
  const writer = new MarkupWriter();
  const types = markupTypes(record.types).map((type) => SCHEMA + type);
  const id = record.id.trim();
  writer.add('<div itemscope', ['types']);
  writer.add(` itemtype="${escapeHtml(types.join(' '))}"`, ['types']);
  if (id) writer.add(` itemid="${escapeHtml(id)}"`, ['id']);
  writer.add('>\n');
  writeName(writer, record);
  writeAddress(writer, record);
  writeTelephone(writer, record);
  writeHours(writer, record);
  writeText(writer, 'p', 'priceRange', record.priceRange, 'Price range: ');
  writeText(writer, 'p', 'description', record.description);
  writePin(writer, record);
  for (const [fact, urls] of [
    ['image', record.image],
    ['sameAs', record.sameAs],
  ] as const) {
    for (const url of urls)
      if (url.trim()) writer.add(`  <link itemprop="${fact}" href="${escapeHtml(url.trim())}">\n`, [fact]);
  }
  writer.add('</div>');
  return writer.done();
}

function writeName(writer: MarkupWriter, record: BusinessRecord): void {
  const name = record.name.trim();
  const url = record.url.trim();
  if (!name && !url) return;
  writer.add('  <p>');
  if (url) writer.add(`<a itemprop="url" href="${escapeHtml(url)}">`, ['url']);
  if (name) writer.add(`<strong itemprop="name">${escapeHtml(name)}</strong>`, ['name']);
  else writer.add(escapeHtml(url));
  if (url) writer.add('</a>');
  writer.add('</p>\n');
}

function writeAddress(writer: MarkupWriter, { address }: BusinessRecord): void {
  if (isEmptyAddress(address)) return;
  writer.add(`  <address itemprop="address" itemscope itemtype="${SCHEMA}PostalAddress">\n`);
  const lines = addressLines(address, true);
  for (const [at, line] of lines.entries()) {
    writer.add('    ');
    for (const { part, text } of line) {
      if (part === 'addressCountry') {
        const code = countryCode(address.addressCountry) || address.addressCountry.trim();
        writer.add(`<data itemprop="addressCountry" value="${escapeHtml(code)}">${escapeHtml(text)}</data>`, [
          `address.${part}`,
        ]);
      } else if (part) {
        writer.add(`<span itemprop="${part}">${escapeHtml(text)}</span>`, [`address.${part}`]);
      } else writer.add(escapeHtml(text));
    }
    writer.add(at < lines.length - 1 ? '<br>\n' : '\n');
  }
  writer.add('  </address>\n');
}

function writeTelephone(writer: MarkupWriter, record: BusinessRecord): void {
  if (!record.telephone.trim()) return;
  const { telephone } = readTelephone(record.telephone, countryOf(record));
  const shown = visibleTelephone(record);
  const value = `<data itemprop="telephone" value="${escapeHtml(markupTelephone(record))}">${escapeHtml(shown)}</data>`;
  const linked = telephone ? `<a href="tel:${escapeHtml(telephone.e164)}">${value}</a>` : value;
  writer.add(`  <p>Telephone: ${linked}</p>\n`, ['telephone']);
}

/** The telephone number as visitors see it: the national form of its country, or as typed. */
export function visibleTelephone(record: BusinessRecord): string {
  return readTelephone(record.telephone, countryOf(record)).telephone?.national ?? record.telephone.trim();
}

function writeHours(writer: MarkupWriter, record: BusinessRecord): void {
  const lines = hoursLines(record.hours, clockOf(countryOf(record)));
  if (lines.length === 0) return;
  writer.add('  <ul>\n');
  for (const line of lines) {
    const facts = line.days.map((day): Fact => `hours.${day}`);
    writer.add(`    <li>${escapeHtml(line.label)}: ${specifications(record, line)}</li>\n`, facts);
  }
  writer.add('  </ul>\n');
}

function specifications(record: BusinessRecord, line: HoursLine): string {
  const spans = (line.days[0] && readDay(record.hours[line.days[0]]).spans) ?? [];
  const texts = line.text.split(', ');
  return (spans.length > 0 ? spans : [closedSpan])
    .map(({ opens, closes }, at) => {
      const days = line.days.map((day) => `<link itemprop="dayOfWeek" href="${SCHEMA}${day}">`).join('');
      const [from = '', until] = (texts[at] ?? '').split(' – ');
      const times = until
        ? `<time itemprop="opens" datetime="${opens}">${from}</time> – <time itemprop="closes" datetime="${closes}">${until}</time>`
        : `<meta itemprop="opens" content="${opens}"><meta itemprop="closes" content="${closes}">${from}`;
      return `<span itemprop="openingHoursSpecification" itemscope itemtype="${SCHEMA}OpeningHoursSpecification">${days}${times}</span>`;
    })
    .join(', ');
}

function writeText(
  writer: MarkupWriter,
  element: string,
  fact: 'priceRange' | 'description',
  value: string,
  label = '',
): void {
  if (!value.trim()) return;
  writer.add(
    `  <${element}>${label}<span itemprop="${fact}">${escapeHtml(value.trim())}</span></${element}>\n`,
    [fact],
  );
}

function writePin(writer: MarkupWriter, { pin }: BusinessRecord): void {
  const halves = (['latitude', 'longitude'] as const).filter((part) => writeDegrees(pin[part]));
  if (halves.length === 0) return;
  writer.add(`  <div itemprop="geo" itemscope itemtype="${SCHEMA}GeoCoordinates">`);
  for (const part of halves)
    writer.add(`<meta itemprop="${part}" content="${escapeHtml(writeDegrees(pin[part]))}">`, [`pin.${part}`]);
  writer.add('</div>\n');
}
