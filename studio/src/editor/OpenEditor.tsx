import { Grid } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { Boundary } from '../shared/Boundary.tsx';
import { AssetsContext } from '../shared/assets/assets.ts';
import { CopyReview } from './CopyReview.tsx';
import { useEditorKeys } from './commands.ts';
import { EditorBar } from './EditorBar.tsx';
import { Inspector } from './inspector/Inspector.tsx';
import { Journey } from './journey/Journey.tsx';
import { Rehearsal } from './journey/rehearsal.ts';
import { Outline } from './outline/Outline.tsx';
import { useEditorPalette } from './palette-commands.ts';
import { Panels } from './Panels.tsx';
import { Stage } from './stage/Stage.tsx';
import { EditorContext, useEditor, useSettledDocument } from './state/editor.tsx';
import { useEditorState, visibleAt, type Loaded } from './state/use-editor-state.ts';

/** The editor of one widget. */
export function OpenEditor(loaded: Loaded) {
  const editor = useEditorState(loaded);
  const { widget, site, brand, session, stage, page, width, scene, station } = editor;
  const [rehearsal, setRehearsal] = useState<Rehearsal | null>(null);
  useEffect(() => {
    document.title = `${widget.document.name} · Sirene`;
  }, [widget]);
  const assets = useMemo(() => ({ siteId: site.id, brand }), [site.id, brand]);
  const rehearse = () => {
    const address = page?.address ?? 'https://site.example/';
    const script = { document: session.document, brand, slug: widget.slug, address, width };
    stage.showMistakes(false);
    setRehearsal(new Rehearsal(stage, script, Date.now()));
  };
  const end = () => {
    rehearsal?.end();
    setRehearsal(null);
    stage.face(scene, visibleAt(station));
  };
  const region = (name: string, content: React.ReactNode) => (
    <Boundary name={name} onUndo={session.undo}>
      {content}
    </Boundary>
  );
  return (
    <EditorContext value={editor}>
      <AssetsContext value={assets}>
        <Keys />
        <KeptFocus />
        <Grid h="100%" templateRows="44px minmax(0, 1fr) auto">
          {region('the bar', <EditorBar />)}
          <Panels
            outline={region('the outline', <Outline />)}
            stage={region('the stage', <Stage rehearsal={rehearsal} />)}
            inspector={region('the inspector', <Inspector />)}
          />
          {region('the journey', <Journey rehearsal={rehearsal} onRehearse={rehearse} onEnd={end} />)}
        </Grid>
        <CopyReview />
      </AssetsContext>
    </EditorContext>
  );
}

/** What was focused may go with the element it belonged to: then the outline's row of the selection takes its place. */
function KeptFocus() {
  const settled = useSettledDocument();
  const { selection } = useEditor();
  useEffect(() => {
    const frame = requestAnimationFrame(() => {
      if (document.activeElement === document.body)
        document.querySelector<HTMLElement>('[role=treeitem][tabindex="0"]')?.focus({ preventScroll: true });
    });
    return () => cancelAnimationFrame(frame);
  }, [settled, selection]);
  return null;
}

function Keys() {
  useEditorKeys();
  useEditorPalette();
  return null;
}
