import { QueryTypes, type Model, type ModelStatic, type Transaction } from 'sequelize';

/** So much of a blob is written with one statement: the connector takes each apart on this thread, byte by byte. */
export const PIECE = 1024 * 1024;

/** As much of a blob as goes with the row itself; `writeRest` writes the others. */
export const firstPiece = (bytes: Buffer): Buffer => bytes.subarray(0, PIECE);

/** Things in their order, as many together as have not more bytes than one statement writes; a larger one alone. */
export function inPieces<T>(things: readonly T[], sizeOf: (thing: T) => number): readonly (readonly T[])[] {
  const pieces: T[][] = [];
  let size = Infinity;
  for (const thing of things) {
    size += sizeOf(thing);
    if (size <= PIECE) pieces.at(-1)?.push(thing);
    else {
      pieces.push([thing]);
      size = sizeOf(thing);
    }
  }
  return pieces;
}

/** Writes what of a blob did not go with its row, piece by piece, bound beside the statements. */
export async function writeRest(
  model: ModelStatic<Model>,
  column: string,
  id: number,
  bytes: Buffer,
  transaction: Transaction,
): Promise<void> {
  const name = `\`${column}\``;
  const table = model.getTableName();
  for (let at = PIECE; at < bytes.length; at += PIECE)
    await model.sequelize?.query(
      `UPDATE ${typeof table === 'string' ? table : table.tableName} SET ${name} = CONCAT(${name}, $1) WHERE id = $2`,
      { bind: [bytes.subarray(at, at + PIECE), id], type: QueryTypes.UPDATE, transaction },
    );
}
