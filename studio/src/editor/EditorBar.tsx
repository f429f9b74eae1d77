import { Box, Button, Flex, IconButton, Text } from '@chakra-ui/react';
import { forgotten } from '@sirene/core/base/exhaustive';
import type { Problem } from '@sirene/core/document/widget';
import { ArrowLeft, History, Redo2, Undo2 } from 'lucide-react';
import { useState, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import { keysOf } from '../app/keymap.ts';
import { StateMark, widgetState } from '../shared/StateMark.tsx';
import { CheckMenu } from './publish/CheckMenu.tsx';
import { ConflictDialog } from './ConflictDialog.tsx';
import { EditorMenu } from './EditorMenu.tsx';
import { PublishButton } from './publish/PublishButton.tsx';
import type { SaveState } from './state/autosave.ts';
import { useEditing, useSettledDocument } from './state/editing.ts';
import { VersionsDialog } from './VersionsDialog.tsx';

/** The widget's name and state, the way back and forth, and what brings it to visitors. */
export function EditorBar() {
  const { session, autosave } = useEditing();
  const { name } = useSettledDocument();
  const state = useSyncExternalStore(autosave.subscribe, () => autosave.state);
  const changedSince = useSyncExternalStore(autosave.subscribe, () => autosave.changedSince);
  const number = useSyncExternalStore(autosave.subscribe, () => autosave.publishedNumber);
  const refused = useSyncExternalStore(session.subscribe, () => session.refused);
  const [versions, setVersions] = useState(false);
  return (
    <Flex
      as="header"
      align="center"
      gap="3"
      px="3"
      h="44px"
      bg="sheet"
      overflowX="auto"
      borderBottomWidth="1px"
    >
      <IconButton asChild size="xs" variant="ghost" colorPalette="plain" aria-label="Back to widgets">
        <Link to="/widgets">
          <ArrowLeft size={16} aria-hidden />
        </Link>
      </IconButton>
      <Text as="h1" fontWeight="600" fontSize="15px" truncate maxW="320px" minW="60px">
        {name}
      </Text>
      <Box fontSize="13px">{widgetState({ publishedNumber: number, changedSince })}</Box>
      <Flex role="group" aria-label="History" ml="3">
        <IconButton
          size="xs"
          variant="ghost"
          colorPalette="plain"
          aria-label="Undo"
          title={`Undo (${keysOf('undo')})`}
          disabled={!session.canUndo}
          onClick={session.undo}
        >
          <Undo2 size={16} aria-hidden />
        </IconButton>
        <IconButton
          size="xs"
          variant="ghost"
          colorPalette="plain"
          aria-label="Redo"
          title={`Redo (${keysOf('redo')})`}
          disabled={!session.canRedo}
          onClick={session.redo}
        >
          <Redo2 size={16} aria-hidden />
        </IconButton>
      </Flex>
      <Box ml="auto" fontSize="13px" role="status" maxW="420px" minW="48px" truncate>
        <Saved state={state} />
      </Box>
      {refused && (
        <Text role="alert" fontSize="13px" color="wine" maxW="320px" truncate title={refusal(refused)}>
          {refusal(refused)}
        </Text>
      )}
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        aria-label="Versions"
        onClick={() => setVersions(true)}
      >
        <History size={15} aria-hidden />
        <Box as="span" hideBelow="md">
          Versions
        </Box>
      </Button>
      <CheckMenu />
      <EditorMenu />
      <PublishButton disabled={state.type === 'conflict' || (number !== null && !changedSince)} />
      {versions && <VersionsDialog onClose={() => setVersions(false)} />}
      {state.type === 'conflict' && <ConflictDialog savedAt={state.savedAt} />}
    </Flex>
  );
}

/** Says what an edit would have made of the widget, and that nothing was changed. */
const refusal = ({ path, reason }: Problem): string =>
  `Not changed: ${path.split('.').at(-1) ?? 'it'} ${reason}`;

function Saved({ state }: { state: SaveState }) {
  switch (state.type) {
    case 'saved':
      return <Text color="slate">Saved</Text>;
    case 'saving':
      return <Text color="slate">Saving …</Text>;
    case 'conflict':
      return <StateMark tone="bad">Saved elsewhere</StateMark>;
    case 'offline':
    case 'refused':
      return <StateMark tone="bad">Not saved: {state.message}</StateMark>;
    default:
      return forgotten(state);
  }
}
