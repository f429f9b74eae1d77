import { Button, Input, Stack } from '@chakra-ui/react';
import { UserRound } from 'lucide-react';
import { TitledPopover } from '../../shared/TitledPopover.tsx';
import { useState } from 'react';
import { Row } from '../../shared/Row.tsx';
import { Toggle } from '../../shared/Toggle.tsx';
import type { Visitor } from './rehearsal.ts';

/** Who the visitor of a rehearsal is; another visitor starts from the beginning. */
export function VisitorControls({
  visitor,
  onRestart,
}: {
  visitor: Visitor;
  onRestart(visitor: Visitor): void;
}) {
  const [draft, setDraft] = useState(visitor);
  const text = (key: 'from' | 'campaign' | 'language', label: string, placeholder: string) => (
    <Row label={label}>
      {(id) => (
        <Input
          id={id}
          size="xs"
          bg="sheet"
          maxLength={80}
          placeholder={placeholder}
          value={draft[key]}
          onChange={(event) => setDraft({ ...draft, [key]: event.target.value.trim() })}
        />
      )}
    </Row>
  );
  return (
    <TitledPopover
      title="Visitor"
      width="320px"
      placement="top-end"
      trigger={
        <Button size="xs" variant="outline" colorPalette="plain">
          <UserRound size={13} aria-hidden />
          Visitor
        </Button>
      }
    >
      <Stack gap="2.5">
        {text('from', 'Came from', 'directly')}
        {text('campaign', 'Campaign', 'none')}
        {text('language', 'Language', 'en-GB')}
        <Toggle
          label="Touch screen"
          value={draft.touch}
          onChange={(touch) => setDraft({ ...draft, touch })}
        />
        <Button size="xs" colorPalette="plain" alignSelf="start" onClick={() => onRestart(draft)}>
          Start again
        </Button>
      </Stack>
    </TitledPopover>
  );
}
