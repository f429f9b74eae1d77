import { Button, Flex, IconButton, Menu, Portal } from '@chakra-ui/react';
import { addScene, removeScene, scenes, type SceneName } from '@sirene/core/widget';
import { Plus, Trash2 } from 'lucide-react';
import { sceneHelp, sceneNames } from '../../shared/scene-names.ts';
import { useEditor, useSettledDocument } from '../state/editor.tsx';

/** The scenes of the widget: which of them is on the stage, and those it could have besides. */
export function SceneBar() {
  const { session, scene, setScene } = useEditor();
  const document = useSettledDocument();
  const there = scenes.filter((name) => document.scenes[name]);
  const missing = scenes.filter((name) => !document.scenes[name]);
  const add = (name: SceneName) => {
    session.apply(addScene(name, Math.random).operation);
    setScene(name);
  };
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
          title={sceneHelp[name]}
          onClick={() => setScene(name)}
        >
          {sceneNames[name]}
        </Button>
      ))}
      {scene !== 'opening' && (
        <IconButton
          size="xs"
          variant="ghost"
          colorPalette="plain"
          aria-label={`Remove scene ${sceneNames[scene]}`}
          title={`Remove scene ${sceneNames[scene]}`}
          onClick={remove}
        >
          <Trash2 size={13} aria-hidden />
        </IconButton>
      )}
      {missing.length > 0 && (
        <Menu.Root positioning={{ placement: 'top-end' }}>
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
              </Menu.Content>
            </Menu.Positioner>
          </Portal>
        </Menu.Root>
      )}
    </Flex>
  );
}
