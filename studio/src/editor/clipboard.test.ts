import { buildWidget, column, heading, words } from '@sirene/core/library/sketch';
import { copiedElements, readClip, writeClip, type Clip } from './clipboard.js';

const document = buildWidget({
  name: 'Any',
  kind: 'popup',
  placement: { type: 'centre' },
  opening: [
    { ...heading('One'), id: 'one' },
    { ...column([{ ...words('Two'), id: 'two' }]), id: 'group' },
  ],
});

function transfer() {
  const held = new Map<string, string>();
  return {
    held,
    data: {
      setData: (type: string, text: string) => void held.set(type, text),
      getData: (type: string) => held.get(type) ?? '',
    } as unknown as DataTransfer,
  };
}

const text = (plain: string) => ({ getData: (type: string) => (type === 'text/plain' ? plain : '') });

test('elements come back as they were copied, those inside others once', () => {
  const { data } = transfer();
  const clip = copiedElements(document, ['two', 'group', 'one']) as Clip;
  writeClip(data, clip);
  expect(readClip(data)).toEqual(clip);
  expect(clip).toMatchObject({ branches: [{ root: 'one' }, { root: 'group' }] });
});

test('from another browser they come as text', () => {
  const { held, data } = transfer();
  writeClip(data, { sirene: 'style', style: { role: 'text' } });
  expect(readClip(text(held.get('text/plain') ?? ''))).toEqual({ sirene: 'style', style: { role: 'text' } });
});

test('nothing selected copies nothing', () => {
  expect(copiedElements(document, [])).toBeNull();
});

test.each([
  ['', 'nothing'],
  ['Some words', 'words'],
  ['{"sirene":', 'half of it'],
  ['{"sirene":"elements"}', 'no branches'],
  ['{"sirene":"elements","branches":[{"root":"a","elements":{"a":{"type":"hat"}}}]}', 'an unknown element'],
  ['{"sirene":"elements","branches":[{"root":"a","elements":{}}]}', 'no root'],
  ['{"sirene":"style"}', 'no style'],
  ['{"sirene":"hat"}', 'something else'],
])('%s is left alone: %s', (plain) => {
  expect(readClip(text(plain))).toBeNull();
});
