import { Checkbox, Input, Stack } from '@chakra-ui/react';
import type { Element } from '@sirene/core/document/elements';
import { scenesOf, type SceneName } from '@sirene/core/document/widget';
import { titleOfScene } from '../../../shared/scene-names.ts';
import { useSettledDocument } from '../../state/editing.ts';
import { Choice } from '../../../shared/Choice.tsx';
import type { PropertyControlProps } from './control-props.ts';

type Action = (Element & { type: 'button' })['action'];

const fresh: Record<Action['type'], Action> = {
  submit: { type: 'submit' },
  close: { type: 'close' },
  scene: { type: 'scene', scene: 'opening' },
  link: { type: 'link', address: '' },
  retry: { type: 'retry' },
};

/** What a button does when it is pressed. */
export function ActionControl({ id, value, onChange }: PropertyControlProps<Action>) {
  const document = useSettledDocument();
  return (
    <Stack gap="1.5">
      <Choice
        id={id}
        value={value.type}
        options={{
          submit: 'Submit form',
          close: 'Close widget',
          scene: 'Show scene',
          link: 'Open page',
          retry: 'Try again',
        }}
        onChange={(type) => onChange(fresh[type as Action['type']])}
      />
      {value.type === 'link' && (
        <>
          <Input
            size="xs"
            aria-label="Page URL"
            placeholder="/shop or https://…"
            value={value.address}
            onChange={(event) => onChange({ ...value, address: event.target.value })}
          />
          <Checkbox.Root
            size="sm"
            checked={value.newTab === true}
            onCheckedChange={({ checked }) => {
              const { newTab: _, ...rest } = value;
              onChange(checked === true ? { ...rest, newTab: true } : rest);
            }}
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control />
            <Checkbox.Label fontWeight="400">Open in new tab</Checkbox.Label>
          </Checkbox.Root>
        </>
      )}
      {value.type === 'scene' && (
        <Choice
          label="Scene"
          value={value.scene}
          options={Object.fromEntries(scenesOf(document).map((name) => [name, titleOfScene(document, name)]))}
          unset={`${titleOfScene(document, value.scene)}, not there yet`}
          onChange={(scene) => onChange({ type: 'scene', scene: scene as SceneName })}
        />
      )}
    </Stack>
  );
}
