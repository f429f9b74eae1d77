const minute = 60_000;
const waits = [0.5, 2, 10, 60, 180, 720, 1440].map((minutes) => minutes * minute);

/** How long to wait before the next attempt after so many, ms; `null` when it is time to give up, after about two days. */
export function waitAfter(attempts: number): number | null {
  return waits[attempts - 1] ?? null;
}
