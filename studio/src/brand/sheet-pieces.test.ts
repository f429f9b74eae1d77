import { checkDocument } from '@sirene/core/review/check';
import { foreign } from '@sirene/core/compile/foreign';
import { compileWidget } from '@sirene/core/compile';
import { completeBrand, plainBrand, roles } from '@sirene/core/style';
import { validateDocument } from '@sirene/core/document/widget';
import { lookPiece, pieces } from './sheet-pieces.js';

test.each(pieces.map((piece) => [piece.title, piece.document] as const))(
  'the piece “%s” is a sound widget, readable in the plain brand',
  (_, document) => {
    expect(validateDocument(document)).toMatchObject({ document: { name: document.name } });
    const findings = checkDocument(document, plainBrand);
    expect(findings.filter(({ text }) => /contrast/.test(text))).toEqual([]);
  },
);

test.each(roles)('a look of the role %s is worn by its piece', (role) => {
  const look = { name: 'Odd', role, style: {} };
  const { document } = lookPiece('odd', look);
  expect(validateDocument(document)).toMatchObject({ document: { name: document.name } });
  const brand = completeBrand({ ...plainBrand, looks: { ...plainBrand.looks, odd: look } });
  const { scenes, css } = compileWidget(document, brand, foreign);
  const worn = document.look === 'odd' ? document.look : undefined;
  // A surface wears it itself; all else does inside one.
  expect(worn ?? `${scenes.opening} ${css}`).toMatch(/odd/);
});
