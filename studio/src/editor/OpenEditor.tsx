import { Grid } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { openPolicy } from '@sirene/core/behaviour';
import { at, get, type Address, type StoredPage } from '../shared/api/index.ts';
import { Boundary } from '../shared/Boundary.tsx';
import { AssetsContext } from '../shared/assets/assets.ts';
import { CopyReview } from './CopyReview.tsx';
import { useEditorKeys } from './commands.ts';
import { EditorBar } from './EditorBar.tsx';
import { Inspector } from './inspector/Inspector.tsx';
import { Journey } from './journey/Journey.tsx';
import { Rehearsal, type Visitor } from './journey/rehearsal.ts';
import { Outline } from './outline/Outline.tsx';
import { useEditorPalette } from './palette-commands.ts';
import { Panels } from './Panels.tsx';
import { Stage } from './stage/Stage.tsx';
import { EditingContext, useEditingState, useSettledDocument, type Loaded } from './state/editing.ts';
import { SelectionContext, useSelection, useSelectionState } from './state/selection.ts';
import { useViewState, ViewContext, visibleAt } from './state/view.ts';
import { inBackground } from '../shared/background.ts';

/** The editor of one widget. */
export function OpenEditor(loaded: Loaded) {
  const editing = useEditingState(loaded);
  const selecting = useSelectionState();
  const view = useViewState(editing, selecting);
  const { widget, site, brand, session, pages } = editing;
  const { stage, page, setPage, width, scene, station } = view;
  const [rehearsal, setRehearsal] = useState<Rehearsal | null>(null);
  useEffect(() => {
    document.title = `${widget.document.name} · Sirene`;
  }, [widget]);
  const assets = useMemo(() => ({ siteId: site.id, brand }), [site.id, brand]);
  const rehearse = async (visitor: Visitor) => {
    const address = page?.address ?? 'https://site.example/';
    // Without the others the widget's own rules are rehearsed all the same.
    const manifest = await get(at('/api/sites/{site}/manifest', { site: site.id })).catch(() => ({
      widgets: [],
      policy: openPolicy,
    }));
    const others = manifest.widgets.filter(({ id }) => id !== widget.id);
    const script = {
      document: session.document,
      brand,
      slug: widget.slug,
      address,
      pages,
      width,
      visitor,
      others,
      policy: manifest.policy,
    };
    stage.showMistakes(false);
    setRehearsal(
      new Rehearsal(stage, script, Date.now(), {
        turnTo: (next) => setPage(pages.find((one) => one.address === next) as StoredPage),
        load: (body) => get(body as Address<'/b/{hash}.json'>),
      }),
    );
  };
  // Another page chosen above the stage is one that the visitor opens.
  useEffect(() => {
    if (rehearsal && page && page.address !== rehearsal.address) rehearsal.arrive(page.address);
  }, [rehearsal, page]);
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
    <EditingContext value={editing}>
      <SelectionContext value={selecting}>
        <ViewContext value={view}>
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
              {region(
                'the journey',
                <Journey
                  rehearsal={rehearsal}
                  onRehearse={(visitor) => {
                    rehearsal?.end();
                    inBackground(rehearse(visitor));
                  }}
                  onEnd={end}
                />,
              )}
            </Grid>
            <CopyReview />
          </AssetsContext>
        </ViewContext>
      </SelectionContext>
    </EditingContext>
  );
}

/** What was focused may go with the element it belonged to: then the outline's row of the selection takes its place. */
function KeptFocus() {
  const settled = useSettledDocument();
  const { selection } = useSelection();
  useEffect(() => {
    const frame = requestAnimationFrame(() => {
      const isOpen = document.querySelector('[role=dialog][data-state=open]');
      if (document.activeElement === document.body && !isOpen)
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
