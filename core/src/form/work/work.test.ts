import { seeded } from '../../base/random/index.js';
import { findProof, leastWork, longestProof, mostWork, workAsked, workOf } from './index.js';

const random = seeded(11);
const newId = () => Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16)).join('');

// As another SHA-256 counts them.
test.each([
  ['018f', '0', 0],
  ['018f', '1d', 5],
  ['018f', '3lbx', 19],
  ['a'.repeat(32), '10', 6],
  ['a'.repeat(32), '3dc', 14],
  ['0'.repeat(32), '1kw', 15],
  ['0'.repeat(32), '285t', 21],
])('for %s the proof %s shows %i bits', (id, proof, bits) => {
  expect(workOf(id, proof)).toBe(bits);
});

test('a proof is found by trying, in one go or in parts', () => {
  for (let round = 0; round < 20; round++) {
    const id = newId();
    const proof = findProof(id, 8, 0, 100_000) ?? '';
    expect(workOf(id, proof)).toBeGreaterThanOrEqual(8);
    expect(proof.length).toBeLessThanOrEqual(longestProof);
    const at = parseInt(proof, 36);
    expect(findProof(id, 8, 0, at)).toBeNull();
    expect(findProof(id, 8, at, 1)).toBe(proof);
  }
});

test('a proof of one submission is none of another', () => {
  const proof = findProof(newId(), leastWork, 0, 1_000_000) as string;
  const others = Array.from({ length: 40 }, newId).filter((id) => workOf(id, proof) >= leastWork);
  expect(others).toEqual([]);
});

test('the work grows with the spam, and is never more than visitors can wait for', () => {
  const asked = [0, 49, 50, 99, 100, 200, 800, 1600, 1e9].map(workAsked);
  expect(asked).toEqual([12, 12, 13, 13, 14, 15, 17, 18, 18]);
  expect(workAsked(Infinity)).toBe(mostWork);
});
