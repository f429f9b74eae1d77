import { Box } from '@chakra-ui/react';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import {
  Group,
  Panel,
  Separator,
  useDefaultLayout,
  usePanelRef,
  type PanelImperativeHandle,
} from 'react-resizable-panels';
import { PanelsContext, type PanelName } from './panels-context.ts';

interface Props {
  outline: ReactNode;
  stage: ReactNode;
  inspector: ReactNode;
}

// Below this the three don't fit side by side: both panels start folded, as they do at 200 % zoom.
const roomForAll = matchMedia('(min-width: 900px)');

/** Outline, stage and inspector side by side. The outer two are drawn narrower or wider, and folded away. */
export function Panels({ outline, stage, inspector }: Props) {
  const panels = { outline: usePanelRef(), inspector: usePanelRef() };
  const [folded, setFolded] = useState({ outline: false, inspector: false });
  const kept = useDefaultLayout({
    id: 'sirene-panels',
    storage: localStorage,
    onlySaveAfterUserInteractions: true,
  });

  useEffect(() => {
    const fit = () => {
      for (const { current } of [panels.outline, panels.inspector])
        if (roomForAll.matches) current?.expand();
        else current?.collapse();
    };
    if (!roomForAll.matches) fit();
    roomForAll.addEventListener('change', fit);
    return () => roomForAll.removeEventListener('change', fit);
  }, [panels.outline, panels.inspector]);

  const context = useMemo(
    () => ({
      folded,
      toggle: (name: PanelName) =>
        turn({ outline: panels.outline, inspector: panels.inspector }[name].current),
    }),
    [folded, panels.outline, panels.inspector],
  );
  const side = (name: PanelName, size: number, least: number, most: number, content: ReactNode) => (
    <Panel
      id={name}
      panelRef={panels[name]}
      collapsible
      defaultSize={size}
      minSize={least}
      maxSize={most}
      groupResizeBehavior="preserve-pixel-size"
      onResize={({ inPixels }) =>
        setFolded((before) =>
          before[name] === (inPixels === 0) ? before : { ...before, [name]: inPixels === 0 },
        )
      }
    >
      {/* Kept when folded, so that what was opened inside is open again; hidden, nothing in it can be reached. */}
      <Box h="full" minH="0" display="grid" visibility={folded[name] ? 'hidden' : undefined}>
        {content}
      </Box>
    </Panel>
  );
  return (
    <PanelsContext value={context}>
      <Group
        orientation="horizontal"
        {...(kept.defaultLayout && { defaultLayout: kept.defaultLayout })}
        onLayoutChanged={kept.onLayoutChanged}
        style={{ minHeight: 0 }}
      >
        {side('outline', 194, 160, 420, outline)}
        <Edge label="Width of the outline" />
        <Panel id="stage" minSize={200}>
          <Box as="main" h="full" minH="0" display="grid">
            {stage}
          </Box>
        </Panel>
        <Edge label="Width of the inspector" />
        {side('inspector', 280, 260, 520, inspector)}
      </Group>
    </PanelsContext>
  );
}

function turn(panel: PanelImperativeHandle | null): void {
  if (panel?.isCollapsed()) panel.expand();
  else panel?.collapse();
}

/** The line between two panels, drawn with the pointer or moved with the arrow keys. */
function Edge({ label }: { label: string }) {
  return (
    <Box asChild w="1px" bg="line" position="relative" zIndex="1" _hover={{ bg: 'deep' }}>
      <Separator aria-label={label} />
    </Box>
  );
}
