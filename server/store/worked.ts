import { QueryTypes, type ModelStatic } from 'sequelize';
import type * as z from 'zod';
import { BranchRow, PageRow, PlacementRow } from './models.ts';

/**
 * The rules that states are worked out by. Whoever changes what a page's reading, a placement's proof or a branch's
 * steps say counts it up: everything is then worked out anew when it is next asked for.
 */
export const RULES = 10;

/** What stands on a row: the states that were worked out, and what they were worked out of. */
export interface Worked<T> {
  readonly of: string;
  readonly value: T;
}

/** What was worked out of these, as a row keeps it; undefined for a row that has none, or one of something else. */
export function stillWorked<T>(kept: string | null, of: string, schema: z.ZodType<T>): T | undefined {
  if (!kept?.startsWith(beginningOf(of))) return undefined;
  return schema.safeParse((JSON.parse(kept) as Partial<Worked<unknown>>).value).data;
}

/** How the JSON of a row begins: looked at before anything of it is read. */
const beginningOf = (of: string): string => `{"of":${JSON.stringify(of)},`;

const TABLES: ReadonlyMap<
  ModelStatic<BranchRow | PageRow | PlacementRow>,
  readonly [string, string]
> = new Map<ModelStatic<BranchRow | PageRow | PlacementRow>, readonly [string, string]>([
  [BranchRow, ['branches', 'steps']],
  [PageRow, ['pages', 'reading']],
  [PlacementRow, ['placements', 'proof']],
]);

const AT_ONCE = 100;

/**
 * Keeps what was worked out on its rows. Nobody waits for it, since a change that is under way may hold the rows: what
 * could not be kept is worked out again the next time.
 */
export function keepWorked(
  model: ModelStatic<BranchRow> | ModelStatic<PageRow> | ModelStatic<PlacementRow>,
  rows: readonly (Worked<unknown> & { readonly id: number })[],
): void {
  const [table, column] = TABLES.get(model) ?? ['', ''];
  const { sequelize } = model;
  for (let at = 0; sequelize && at < rows.length; at += AT_ONCE) {
    const some = rows.slice(at, at + AT_ONCE);
    const values = some.map(() => 'SELECT ? AS id, ? AS worked').join(' UNION ALL ');
    sequelize
      .query(`UPDATE ${table} t JOIN (${values}) n ON t.id = n.id SET t.${column} = n.worked`, {
        type: QueryTypes.UPDATE,
        replacements: some.flatMap(({ id, of, value }) => [id, JSON.stringify({ of, value })]),
      })
      .catch(() => undefined);
  }
}
