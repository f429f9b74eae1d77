import { checkDocument, type Drawn, type Finding } from '@sirene/core/check';
import { compileWidget } from '@sirene/core/render';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useEditor, useSettledDocument } from '../state/editor.tsx';
import { measureDrawn, measuringFrame } from '../state/drawn.ts';

/** How long nothing has to be edited before the widget is drawn anew to be measured, ms. */
const stillMs = 700;

/** What is worth mending in the widget, with what only a drawn one tells. */
export function useFindings(): Finding[] {
  const { brand, pictures } = useEditor();
  // Nobody waits for it: whatever else follows an edit is drawn first.
  const document = useDeferredValue(useSettledDocument());
  const [drawn, setDrawn] = useState<Drawn>();
  // A date that passes while the editor is open is found at the next publishing.
  const [now] = useState(() => Date.now());
  const frame = useRef<HTMLIFrameElement | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => {
      frame.current ??= measuringFrame(globalThis.document);
      setDrawn(measureDrawn(frame.current, compileWidget(document, brand)));
    }, stillMs);
    return () => clearTimeout(timer);
  }, [document, brand]);
  useEffect(() => () => frame.current?.remove(), []);
  return useMemo(
    () => checkDocument(document, brand, { pictures, ...(drawn && { drawn }), now }),
    [document, brand, pictures, drawn, now],
  );
}
