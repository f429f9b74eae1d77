import { checkDocument, type Drawn, type Finding } from '@sirene/core/check';
import { compileWidget } from '@sirene/core/render';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useEditor, useSettledDocument } from './editor.tsx';
import { measureDrawn, measuringFrame } from './drawn.ts';

/** How long nothing has to be edited before the widget is drawn anew to be measured, ms. */
const stillMs = 700;

/** What is worth mending in the widget, with what only a drawn one tells. */
export function useFindings(): Finding[] {
  const { brand, pictures } = useEditor();
  // Nobody waits for it: whatever else follows an edit is drawn first.
  const document = useDeferredValue(useSettledDocument());
  const [drawn, setDrawn] = useState<Drawn>();
  const frame = useRef<HTMLIFrameElement | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => {
      frame.current ??= measuringFrame(globalThis.document);
      setDrawn(measureDrawn(frame.current, compileWidget(document, brand)));
    }, stillMs);
    return () => clearTimeout(timer);
  }, [document, brand]);
  useEffect(() => () => frame.current?.remove(), []);
  return useMemo(() => checkDocument(document, brand, pictures, drawn), [document, brand, pictures, drawn]);
}
