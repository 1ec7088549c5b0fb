import { finding, type Finding } from './finding.ts';
import type { Reading } from '#core/reading';
import type { ThreeWayRow } from './threeWay.ts';

const SYNTAX = { jsonld: 'JSON-LD', microdata: 'microdata' } as const;

/** Family `agreement`: where record, markup and visible text part. */
export function judgeAgreement(reading: Reading, rows: readonly ThreeWayRow[]): readonly Finding[] {
  return rows.flatMap((row) => [...againstRecord(row), ...againstVisitor(reading, row)]);
}

const propertyOf = ({ fact }: ThreeWayRow): string => (fact === 'pin' ? 'geo' : (fact.split('.')[1] ?? fact));

function againstRecord(row: ThreeWayRow): readonly Finding[] {
  return row.markup.flatMap(({ syntax, text, agreement, place }) => {
    if (agreement === 'different' || agreement === 'partly') {
      const message = row.record
        ? `The ${SYNTAX[syntax]} says “${text}”, the record “${row.record}”.`
        : `The ${SYNTAX[syntax]} says “${text}”; the record has no ${row.label.toLowerCase()}.`;
      return [finding('agreement/record', message, place, propertyOf(row))];
    }
    // How an international number is spaced is the machine's business, not a reader's.
    if (agreement === 'written-differently' && row.fact !== 'telephone' && row.fact !== 'pin') {
      return [
        finding(
          'agreement/record-spelling',
          `The ${SYNTAX[syntax]} writes “${text}”, the record “${row.record ?? ''}”. The trade wants every character alike.`,
          place,
          propertyOf(row),
        ),
      ];
    }
    return [];
  });
}

function againstVisitor({ lines }: Reading, row: ThreeWayRow): readonly Finding[] {
  const [said] = row.markup;
  if (!said) return [];
  const { text, agreement, place } = row.visitor;
  if (agreement === 'different' && said.agreement !== 'different') {
    return [
      finding(
        'agreement/visitor',
        `A visitor sees “${text}”, a machine is told “${said.text}”.`,
        place ?? said.place,
        propertyOf(row),
      ),
    ];
  }
  if (agreement === 'missing' && said.agreement !== 'different') {
    return [
      finding(
        'agreement/not-visible',
        `The markup says “${said.text}”, but a visitor cannot see it on the page.`,
        lines.place(said.place.start, said.place.end),
        propertyOf(row),
      ),
    ];
  }
  return [];
}
