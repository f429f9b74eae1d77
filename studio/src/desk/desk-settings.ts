import { useCallback, useState } from 'react';

const key = 'sirene:desk';

interface DeskSettings {
  isMuted: boolean;
  isAway: boolean;
}

function read(): DeskSettings {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<DeskSettings> | null;
    return { isMuted: kept?.isMuted === true, isAway: kept?.isAway === true };
  } catch {
    return { isMuted: false, isAway: false };
  }
}

/** How somebody works at the desk in this browser. */
export function useDeskSettings(): [DeskSettings, (changes: Partial<DeskSettings>) => void] {
  const [settings, set] = useState(read);
  const change = useCallback(
    (changes: Partial<DeskSettings>) => {
      const next = { ...settings, ...changes };
      set(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // A browser that keeps nothing forgets it with the page.
      }
    },
    [settings],
  );
  return [settings, change];
}
