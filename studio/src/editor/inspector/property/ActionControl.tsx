import { Checkbox, Input, Stack } from '@chakra-ui/react';
import type { Element } from '@sirene/core/document/elements';
import { scenesOf, type SceneName } from '@sirene/core/document/widget';
import { AssetControl } from '../../../shared/assets/AssetControl.tsx';
import { titleOfScene } from '../../../shared/scene-names.ts';
import { NumberInput } from '../../../shared/NumberInput.tsx';
import { ZoneChoice } from '../../../shared/ZoneChoice.tsx';
import { useEditing, useSettledDocument } from '../../state/editing.ts';
import { Choice } from '../../../shared/Choice.tsx';
import type { PropertyControlProps } from './control-props.ts';

type Action = (Element & { type: 'button' })['action'];

const fresh: Record<Action['type'], Action> = {
  submit: { type: 'submit' },
  next: { type: 'next' },
  back: { type: 'back' },
  close: { type: 'close' },
  scene: { type: 'scene', scene: 'opening' },
  link: { type: 'link', address: '' },
  retry: { type: 'retry' },
  file: { type: 'file', src: '' },
  calendar: { type: 'calendar', title: '', at: '2027-01-12T20:00', zone: 'UTC', minutes: 60 },
};

/** What a button does when it is pressed. */
export function ActionControl({ id, value, onChange }: PropertyControlProps<Action>) {
  const document = useSettledDocument();
  const { site } = useEditing();
  return (
    <Stack gap="1.5">
      <Choice
        id={id}
        value={value.type}
        options={{
          submit: 'Submit form',
          next: 'Next step',
          back: 'Previous step',
          close: 'Close widget',
          scene: 'Show scene',
          link: 'Open page',
          file: 'Download file',
          retry: 'Try again',
          calendar: 'Add to calendar',
        }}
        onChange={(type) =>
          onChange(
            type === 'calendar'
              ? { ...(fresh.calendar as Action & { type: 'calendar' }), zone: site.zone }
              : fresh[type as Action['type']],
          )
        }
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
      {value.type === 'file' && (
        <AssetControl
          id={`${id}-file`}
          label="File"
          kind="document"
          value={value.src}
          onChange={(src) => onChange({ type: 'file', src })}
        />
      )}
      {value.type === 'calendar' && (
        <>
          <Input
            size="xs"
            aria-label="Event title"
            placeholder="Event title"
            maxLength={120}
            value={value.title}
            onChange={(event) => onChange({ ...value, title: event.target.value })}
          />
          <Input
            size="xs"
            type="datetime-local"
            aria-label="Event date"
            value={value.at}
            onChange={(event) => event.target.value && onChange({ ...value, at: event.target.value })}
          />
          <ZoneChoice
            id={`${id}-zone`}
            value={value.zone}
            onChange={(zone) => onChange({ ...value, zone })}
          />
          <NumberInput
            label="Duration"
            unit="min"
            min={1}
            max={20_160}
            value={value.minutes}
            onChange={(minutes) => onChange({ ...value, minutes: Math.round(minutes) })}
          />
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
