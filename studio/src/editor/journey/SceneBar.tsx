import { Button, Flex, IconButton, Menu, Portal, type IconButtonProps } from '@chakra-ui/react';
import {
  addNamedScene,
  addScene,
  isNamedScene,
  mostNamedScenes,
  removeScene,
  scenesOf,
  standardScenes,
  type SceneName,
} from '@sirene/core/document/widget';
import { Pencil, Plus, Trash2 } from 'lucide-react';
import { NamePopover } from '../../shared/NamePopover.tsx';
import { helpOfScene, sceneHelp, sceneNames, titleOfScene } from '../../shared/scene-names.ts';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { useView } from '../state/view.ts';

/** The scenes of the widget: which of them is on the stage, and those it could have besides. */
export function SceneBar() {
  const { session } = useEditing();
  const { scene, setScene } = useView();
  const document = useSettledDocument();
  const there = scenesOf(document);
  const missing = standardScenes.filter((name) => !there.includes(name));
  const mayBeMore = there.filter(isNamedScene).length < mostNamedScenes;
  const title = titleOfScene(document, scene);
  const add = (name: SceneName) => {
    session.apply(addScene(name, Math.random).operation);
    setScene(name);
  };
  const addNamed = () => {
    const taken = there.map((name) => titleOfScene(document, name));
    const { operation, name } = addNamedScene(freeTitle(taken), Math.random);
    session.apply(operation);
    setScene(name);
  };
  const rename = (next: string) =>
    void session.apply({ type: 'set', path: ['scenes', scene, 'title'], value: next });
  const remove = () => {
    const operation = removeScene(session.document, scene);
    if (!operation) return;
    setScene('opening');
    session.apply(operation);
  };
  return (
    <Flex role="group" aria-label="Scenes" gap="1" align="center" wrap="wrap" justify="end">
      {there.map((name) => (
        <Button
          key={name}
          size="xs"
          variant={name === scene ? 'subtle' : 'ghost'}
          colorPalette="plain"
          aria-pressed={name === scene}
          title={helpOfScene(name)}
          onClick={() => setScene(name)}
        >
          {titleOfScene(document, name)}
        </Button>
      ))}
      {isNamedScene(scene) && (
        <NamePopover
          trigger={
            <SceneTool label={`Rename scene ${title}`}>
              <Pencil size={13} aria-hidden />
            </SceneTool>
          }
          title="Rename scene"
          help="Buttons lead to it by this name."
          label="Scene name"
          propose={() => title}
          action="Rename"
          placement="bottom-end"
          onName={rename}
        />
      )}
      {scene !== 'opening' && (
        <SceneTool label={`Remove scene ${title}`} onClick={remove}>
          <Trash2 size={13} aria-hidden />
        </SceneTool>
      )}
      {(missing.length > 0 || mayBeMore) && (
        <Menu.Root lazyMount unmountOnExit positioning={{ placement: 'top-end' }}>
          <Menu.Trigger asChild>
            <Button size="xs" variant="outline" colorPalette="plain">
              <Plus size={13} aria-hidden />
              Scene
            </Button>
          </Menu.Trigger>
          <Portal>
            <Menu.Positioner>
              <Menu.Content maxW="360px">
                {missing.map((name) => (
                  <Menu.Item key={name} value={name} onClick={() => add(name)}>
                    <span>
                      <strong>{sceneNames[name]}.</strong> {sceneHelp[name]}
                    </span>
                  </Menu.Item>
                ))}
                {mayBeMore && (
                  <Menu.Item value="own" onClick={addNamed}>
                    <span>
                      <strong>Custom scene.</strong> {helpOfScene('scene-own')} Such as a registration form.
                    </span>
                  </Menu.Item>
                )}
              </Menu.Content>
            </Menu.Positioner>
          </Portal>
        </Menu.Root>
      )}
    </Flex>
  );
}

/** A small button for the scene that is on the stage. */
function SceneTool({ label, ...rest }: { label: string } & IconButtonProps) {
  return (
    <IconButton size="xs" variant="ghost" colorPalette="plain" aria-label={label} title={label} {...rest} />
  );
}

/** A title that no other scene has. */
function freeTitle(taken: readonly string[]): string {
  const base = 'New scene';
  for (let at = 1; ; at++) {
    const title = at === 1 ? base : `${base} ${at}`;
    if (!taken.includes(title)) return title;
  }
}
