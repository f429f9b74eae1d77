import { Type } from '@sinclair/typebox';
import { answer, byKey } from '../shared/answers.js';
import type { SheetEntity, SheetRowEntity } from './sheets.entity.js';

const own = {
  id: Type.String(),
  name: Type.String(),
  rows: Type.Integer(),
  address: Type.String({
    description:
      'The secret address that spreadsheet programs import from, as CSV; with .xlsx at its end as XLSX.',
  }),
};

export const listedSheet = answer('Sheet', own);

export const wholeSheet = answer('SheetRows', {
  columns: Type.Array(
    Type.Object({ key: Type.String(), label: Type.String() }, { additionalProperties: false }),
  ),
  rows: Type.Array(
    Type.Object(
      {
        number: Type.Integer(),
        at: Type.Integer(),
        cells: byKey(Type.Union([Type.String(), Type.Number()])),
      },
      { additionalProperties: false },
    ),
    { description: 'The newest first.' },
  ),
});

/** @param origin of this server, and the key of the site, by which the secret address is written */
export const toldOfSheet = (
  { id, name, token }: SheetEntity,
  rows: number,
  { origin, key }: { origin: string; key: string },
) => ({ id, name, rows, address: `${origin}/p/${key}/sheets/${token}.csv` });

export const toldOfRows = (sheet: SheetEntity, rows: readonly SheetRowEntity[]) => ({
  columns: sheet.columns,
  rows: rows.map(({ number, at, cells }) => ({ number, at, cells })),
});
