import { newElements, scenesOf } from '@sirene/core/document/widget';
import { stations } from '@sirene/core/review/sentence';
import { useCallback } from 'react';
import { keysOf } from '../app/keymap.ts';
import { useCommands, type Command } from '../shared/palette.ts';
import { titleOfScene } from '../shared/scene-names.ts';
import { useElementCommands } from './commands.ts';
import { stationNames } from './journey/station-names.ts';
import { useEditing } from './state/editing.ts';
import { useSelection } from './state/selection.ts';
import { useView, widths, type Width } from './state/view.ts';

/** What the palette offers while a widget is edited. */
export function useEditorPalette(): void {
  const { session } = useEditing();
  const { selection } = useSelection();
  const { goTo, setScene, setWidth, stage } = useView();
  const { add, removeSelected, duplicateSelected, copyStyle, putStyle } = useElementCommands();
  const commands = useCallback((): Command[] => {
    const edit = (name: string, keys: string, run: () => void): Command => ({
      name,
      keys,
      group: 'Edit',
      run,
    });
    return [
      edit('Undo', keysOf('undo'), session.undo),
      edit('Redo', keysOf('redo'), session.redo),
      ...(selection === null
        ? []
        : [
            edit('Duplicate', keysOf('duplicate'), duplicateSelected),
            edit('Remove', keysOf('remove'), removeSelected),
            edit('Copy style', keysOf('copyStyle'), copyStyle),
            edit('Paste style', keysOf('pasteStyle'), putStyle),
          ]),
      { name: 'Play motion again', group: 'Stage', run: () => stage.replay() },
      ...stations.map((station) => ({
        name: `Go to ${stationNames[station]}`,
        group: 'Journey',
        run: () => goTo(station),
      })),
      ...scenesOf(session.document).map((name) => ({
        name: `Show ${titleOfScene(session.document, name)}`,
        group: 'Scenes',
        run: () => setScene(name),
      })),
      ...(Object.keys(widths) as Width[]).map((name) => ({
        name: `Preview on ${name}`,
        group: 'Stage',
        run: () => setWidth(widths[name]),
      })),
      ...newElements.map(({ label, element }) => ({
        name: `Add ${label.toLowerCase()}`,
        group: 'Elements',
        run: () => add(element),
      })),
    ];
  }, [
    session,
    selection,
    add,
    goTo,
    setScene,
    setWidth,
    stage,
    removeSelected,
    duplicateSelected,
    copyStyle,
    putStyle,
  ]);
  useCommands(commands);
}
