import { conditionSpecs, specOf, type Axis, type AxisValue, type Condition } from '../../behaviour/index.js';

/** Of more than so many parts, not every choice is tried: 2 to the power of them. */
const mostParts = 6;

/** An axis as all conditions together see it: what they have in common is one thing. */
export function mergedAxes(conditions: readonly Condition[]): Axis[] {
  const merged = new Map<string, Axis[]>();
  for (const condition of conditions) {
    const axis = specOf(conditionSpecs, condition).axis?.(condition as never);
    if (axis) merged.set(axis.key, [...(merged.get(axis.key) ?? []), axis]);
  }
  return [...merged].map(([key, axes]) => {
    const values = new Map<string, AxisValue>();
    for (const value of [...axes.flatMap((axis) => axis.values), ...choices(axes)])
      values.set(value.id, value);
    return { key, values: [...values.values()] };
  });
}

function choices(axes: readonly Axis[]): AxisValue[] {
  const combine = axes.find(({ parts }) => parts)?.parts?.combine;
  if (!combine) return [];
  const names = [...new Set(axes.flatMap(({ parts }) => parts?.names ?? []))].slice(0, mostParts);
  return Array.from({ length: 2 ** names.length }, (_, bits) =>
    combine(names.filter((__, at) => bits & (1 << at))),
  );
}
