import { checkDocument, type Drawn, type Finding } from '@sirene/core/review/check';
import { compileWidget } from '@sirene/core/compile';
import { useEffect, useRef, useState } from 'react';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { at, useAnswer } from '../../shared/api/index.ts';
import { measureDrawn, measuringFrame } from '../state/drawn.ts';

/** How long nothing has to be edited before the widget is checked, and before it is drawn anew to be measured, ms. */
const stillMs = { read: 200, drawn: 700 };

/** What is worth fixing in the widget, with what only a drawn one tells. Nobody waits for it: it follows when typing pauses. */
export function useFindings(): Finding[] {
  const { brand, images, site, widget } = useEditing();
  const { data: others } = useAnswer(at('/api/sites/{site}/rules', { site: site.id }));
  const document = useSettledDocument();
  const [findings, setFindings] = useState<Finding[]>([]);
  const frame = useRef<HTMLIFrameElement | null>(null);
  // What was measured last stands until it is measured again: findings would come and go otherwise.
  const drawn = useRef<Drawn | undefined>(undefined);
  useEffect(() => {
    const check = () => {
      const measured = drawn.current && { drawn: drawn.current };
      const among = others && { among: { slug: widget.slug, others } };
      setFindings(checkDocument(document, brand, { images, ...measured, ...among, now: Date.now() }));
    };
    const read = setTimeout(check, stillMs.read);
    const draw = setTimeout(() => {
      frame.current ??= measuringFrame(globalThis.document);
      drawn.current = measureDrawn(frame.current, compileWidget(document, brand));
      check();
    }, stillMs.drawn);
    return () => {
      clearTimeout(read);
      clearTimeout(draw);
    };
  }, [document, brand, images, others, widget.slug]);
  useEffect(() => () => frame.current?.remove(), []);
  return findings;
}
