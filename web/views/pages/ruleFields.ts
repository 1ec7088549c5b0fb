import { isWovenForm, readPlacement, usualPlacement, type PlacedForm, type Placement } from '#core/page';
import { outputSchema, usualOutput, type Output } from '#core/record';
import type { PlacementRule } from '#core/site';

/** Which pages a rule may be about. */
export const PAGES_OF = [
  ['own', 'every page that is a branch’s own'],
  ['pattern', 'pages whose path fits a pattern'],
  ['every', 'every page'],
] as const;

export const PLACES = [
  ['head', 'in the head'],
  ['body-begin', 'at the beginning of the body'],
  ['body-end', 'at the end of the body'],
  ['before', 'before an element'],
  ['after', 'behind an element'],
  ['inside', 'at the end inside an element'],
] as const;

export const EXISTING = [
  ['keep', 'stays beside it, and is told'],
  ['adopt', 'is taken for ours where it says the same'],
  ['replace', 'goes'],
] as const;

/** What is done where visitors read something else than the record says. */
export const CORRECTS = [
  ['none', 'stays, and is told'],
  ['all', 'is put right'],
] as const;

export const TOLD = [
  ['record', 'as each record has it'],
  ['line', 'in one line, as in a footer'],
  ['own', 'with choices of its own'],
] as const;

/** A rule as it is typed. */
export interface RuleFields {
  readonly name: string;
  readonly pages: (typeof PAGES_OF)[number][0];
  readonly pattern: string;
  readonly whose: 'own' | 'this';
  readonly form: PlacedForm;
  readonly place: (typeof PLACES)[number][0];
  readonly selector: string;
  readonly existing: (typeof EXISTING)[number][0];
  readonly corrects: (typeof CORRECTS)[number][0];
  readonly told: (typeof TOLD)[number][0];
  /** Its own choices: which facts it tells, and how; null while there are none. */
  readonly output: Output | null;
}

export const emptyRule: RuleFields = {
  name: '',
  pages: 'own',
  pattern: '',
  whose: 'own',
  form: 'jsonld',
  place: 'head',
  selector: '',
  existing: 'keep',
  corrects: 'none',
  told: 'record',
  output: null,
};

const isPlain = (place: RuleFields['place']): place is 'head' | 'body-begin' | 'body-end' =>
  place === 'head' || place === 'body-begin' || place === 'body-end';

/** The place that is meant: a block never stands in the head. */
export const placeOf = ({ form, place }: RuleFields): RuleFields['place'] =>
  place === 'head' && usualPlacement[form] !== 'head' ? 'body-end' : place;

/** Where it stands; undefined while an element is meant and none is named. */
function placementOf(fields: RuleFields): Placement | undefined {
  if (isWovenForm(fields.form)) return usualPlacement[fields.form];
  const place = placeOf(fields);
  return isPlain(place) ? place : readPlacement(`${place}:${fields.selector}`);
}

/** Whether all of it is typed. */
export const isWhole = (fields: RuleFields): boolean =>
  placementOf(fields) !== undefined && (fields.pages !== 'pattern' || fields.pattern.trim() !== '');

const IN_ONE_LINE = outputSchema.parse({ block: { lines: 'one' } });
const isDeepEqual = (one: Output, other: Output): boolean => JSON.stringify(one) === JSON.stringify(other);

/** How the record is told; null for as it has it. */
function outputOf({ told, output }: RuleFields): Output | null {
  if (told === 'record') return null;
  return told === 'line' ? IN_ONE_LINE : (output ?? usualOutput);
}

/** The rule that was typed; `branch` is the one in hand. */
export function ruleOf(fields: RuleFields, branch: number): PlacementRule {
  const { name, pages, pattern, whose, form, existing, corrects } = fields;
  return {
    name: name.trim(),
    pages: pages === 'pattern' ? { kind: 'pattern', pattern: pattern.trim() } : { kind: pages },
    branch: whose === 'this' ? branch : null,
    form,
    at: placementOf(fields) ?? 'body-end',
    existing,
    corrects: isWovenForm(form) && corrects === 'all' ? 'all' : [],
    output: outputOf(fields),
  };
}

/** A kept rule, to be typed on. */
export function ruleFieldsOf({
  name,
  pages,
  branch,
  form,
  at,
  existing,
  corrects,
  output,
}: PlacementRule): RuleFields {
  const [side = '', ...selector] = at.split(':');
  const place = PLACES.find(([one]) => one === side)?.[0] ?? 'body-end';
  return {
    name,
    pages: pages.kind === 'chosen' ? 'own' : pages.kind,
    pattern: pages.kind === 'pattern' ? pages.pattern : '',
    whose: branch === null ? 'own' : 'this',
    form,
    place,
    selector: selector.join(':'),
    existing,
    corrects: corrects === 'all' ? 'all' : 'none',
    told: output === null ? 'record' : isDeepEqual(output, IN_ONE_LINE) ? 'line' : 'own',
    output: output === null || isDeepEqual(output, IN_ONE_LINE) ? null : output,
  };
}
