import { expect, test } from '@jest/globals';
import { isWovenForm, placedForms } from '#core/page';
import { outputSchema } from '#core/record';
import { placementRuleSchema } from '#core/site';
import { emptyRule, isWhole, placeOf, ruleFieldsOf, ruleOf, type RuleFields } from './ruleFields.ts';

const typed = (part: Partial<RuleFields>): RuleFields => ({ ...emptyRule, ...part });

test.each([
  [{}, true],
  [{ pages: 'pattern' }, false],
  [{ pages: 'pattern', pattern: '/shops/*' }, true],
  [{ place: 'after' }, false],
  [{ place: 'after', selector: '#footer' }, true],
  [{ form: 'woven', place: 'after' }, true],
] as const)('a rule with %j is whole: %s', (part, whole) => expect(isWhole(typed(part))).toBe(whole));

const withoutEmail = outputSchema.parse({ leftOut: { jsonld: ['email'], block: [] } });

test.each([
  {},
  { name: 'Footers', form: 'microdata', place: 'inside', selector: 'footer > .nap:hover', told: 'line' },
  { pages: 'pattern', pattern: 'shops/**', whose: 'this', existing: 'replace' },
  { pages: 'every', form: 'block', place: 'body-end' },
  { form: 'jsonld', told: 'own', output: withoutEmail },
] as const)('what was typed is kept and typed on: %j', (part) => {
  const rule = ruleOf(typed(part), 7);
  expect(placementRuleSchema.parse(rule)).toEqual(rule);
  expect(ruleFieldsOf(rule)).toEqual(typed(part));
});

test('the place that is shown is the place that is meant', () => {
  for (const form of placedForms) {
    const fields = typed({ form });
    if (!isWovenForm(form)) expect([form, ruleOf(fields, 7).at]).toEqual([form, placeOf(fields)]);
  }
  expect(placeOf(typed({ form: 'branches', place: 'body-begin' }))).toBe('body-begin');
});

test('a block never stands in the head, and what is woven where its text is', () => {
  expect(ruleOf(typed({ form: 'block' }), 7).at).toBe('body-end');
  expect(ruleOf(typed({ form: 'woven', place: 'after', selector: 'p' }), 7).at).toBe('body-end');
  expect(ruleOf(typed({ whose: 'this' }), 7).branch).toBe(7);
});
