import { Box } from '@chakra-ui/react';
import { EditorView, tooltips } from '@codemirror/view';
import CodeMirror, { type Extension } from '@uiw/react-codemirror';

interface Props {
  id?: string;
  label: string;
  value: string;
  extensions?: Extension[];
  height?: string;
  lineNumbers?: boolean;
  onChange(value: string): void;
}

const face = EditorView.theme({
  '&': { fontSize: '12px', backgroundColor: 'transparent', color: 'var(--chakra-colors-ink)' },
  '.cm-scroller': { fontFamily: 'var(--chakra-fonts-mono)', lineHeight: '1.5' },
  '.cm-gutters': { backgroundColor: 'transparent', color: 'var(--chakra-colors-slate)', border: 'none' },
  '.cm-activeLine, .cm-activeLineGutter': { backgroundColor: 'transparent' },
  '.cm-cursor': { borderLeftColor: 'var(--chakra-colors-ink)' },
  '&.cm-focused .cm-selectionBackground, .cm-selectionBackground': {
    backgroundColor: 'var(--chakra-colors-line) !important',
  },
  '.cm-tooltip.cm-tooltip-autocomplete > ul > li[aria-selected]': {
    backgroundColor: 'var(--chakra-colors-wash)',
    color: 'var(--chakra-colors-ink)',
  },
  '.cm-tooltip': { backgroundColor: 'var(--chakra-colors-sheet)', color: 'var(--chakra-colors-ink)' },
});

/** A field for code, with its lines counted and its brackets matched. Tab leaves it, as it leaves any other field. */
export function CodeControl({
  id,
  label,
  value,
  extensions = [],
  height = '150px',
  lineNumbers = true,
  onChange,
}: Props) {
  return (
    <Box borderWidth="1px" rounded="sm" overflow="hidden" minW="0">
      <CodeMirror
        value={value}
        height={height}
        theme="none"
        indentWithTab={false}
        basicSetup={{ foldGutter: false, lineNumbers, highlightActiveLine: false, searchKeymap: false }}
        extensions={[
          face,
          EditorView.lineWrapping,
          // Above all: what is around the field cuts off what reaches out of it.
          tooltips({ parent: document.body }),
          EditorView.contentAttributes.of({ 'aria-label': label, ...(id && { id }) }),
          ...extensions,
        ]}
        onChange={(text) => onChange(text)}
      />
    </Box>
  );
}
