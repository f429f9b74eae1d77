import { compileWidget } from '../../compile/index.js';
import { buildWidget } from '../../library/sketch/index.js';
import { plainBrand } from '../../style/index.js';
import { validateDocument } from '../widget/index.js';

const upload = 'asset:0123456789abcdef01234567/price-list.pdf';

const offering = (src: string) =>
  buildWidget({
    ...{ name: 'Prices', kind: 'popup', placement: { type: 'centre' } },
    opening: [
      { type: 'button', id: 'file', label: 'Price list', wide: false, action: { type: 'file', src } },
    ],
  });

test('a button hands over a file that was uploaded, as a link that saves it', () => {
  const document = offering(upload);
  expect(validateDocument(document)).toMatchObject({ ok: true });
  const html = JSON.stringify(compileWidget(document, plainBrand).scenes).replaceAll('\\"', '"');
  expect(html).toMatch(new RegExp(`<a [^>]*href="${upload}"[^>]* download`));
});

test('one that has none yet leads nowhere', () => {
  const document = offering('');
  expect(validateDocument(document)).toMatchObject({ ok: true });
  expect(JSON.stringify(compileWidget(document, plainBrand).scenes)).not.toContain('href=');
});

test.each([
  'https://x.example/a.pdf',
  'javascript:alert(1)',
  'asset:0123456789abcdef01234567',
  'asset:0123456789abcdef01234567/../x',
  'data:text/html,x',
])('%s is no file that was uploaded', (src) => {
  expect(validateDocument(offering(src))).toMatchObject({
    ok: false,
    problems: [{ path: 'elements.file.action.src', reason: 'must be a file that was uploaded' }],
  });
});
