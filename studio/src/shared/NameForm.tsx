import { Button, Flex, Input, Stack } from '@chakra-ui/react';
import { useState } from 'react';
import { ErrorNote } from './ErrorNote.tsx';
import { useAttempt } from './use-attempt.ts';
import { inBackground } from './background.ts';

interface Props {
  label: string;
  /** What the button says. */
  action: string;
  name: string;
  onSave(name: string): Promise<unknown>;
}

/** A name that is changed where it is read. */
export function NameForm({ label, action, name, onSave }: Props) {
  const [text, setText] = useState(name);
  const { error, attempt } = useAttempt();
  const wanted = text.trim();
  return (
    <Stack gap="3">
      <Flex gap="2">
        <Input
          size="sm"
          aria-label={label}
          maxLength={120}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button
          size="sm"
          colorPalette="signal"
          disabled={wanted === '' || wanted === name}
          onClick={() => inBackground(attempt(() => onSave(wanted)))}
        >
          {action}
        </Button>
      </Flex>
      {error !== null && <ErrorNote error={error} />}
    </Stack>
  );
}
