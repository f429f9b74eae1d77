/** Somebody at the desk, and how many conversations are theirs at the moment. */
export interface Operator {
  id: string;
  open: number;
}

/**
 * Who gets the next conversation: nobody where everybody has as many as they may, or where nobody is there.
 *
 * @param operators those who are there, in an order that stays the same
 * @param last who got one last, for the turn to go on behind them
 * @param most how many one person has at most
 * @example assigneeOf('turn', [{ id: 'ada', open: 3 }, { id: 'bea', open: 0 }], 'bea') // 'ada'
 */
export function assigneeOf(
  how: 'nobody' | 'turn' | 'least',
  operators: readonly Operator[],
  last: string | null,
  most = Infinity,
): string | null {
  if (how === 'nobody') return null;
  const at = operators.findIndex(({ id }) => id === last);
  const inTurn = [...operators.slice(at + 1), ...operators.slice(0, at + 1)].filter(
    ({ open }) => open < most,
  );
  // Of those who have equally few, whoever is next.
  const fewest = Math.min(...inTurn.map(({ open }) => open));
  return inTurn.find(({ open }) => how === 'turn' || open === fewest)?.id ?? null;
}
