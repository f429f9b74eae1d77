import { Button } from '@chakra-ui/react';
import { useState } from 'react';

interface Props {
  label: string;
  /** What it says once it has been pressed: what will be gone. */
  again: string;
  busy: boolean;
  onPress(): void;
}

/** Does what can't be undone, and is therefore pressed twice. */
export function TwiceButton({ label, again, busy, onPress }: Props) {
  const [asked, setAsked] = useState(false);
  return (
    <Button
      size="xs"
      variant="outline"
      colorPalette={asked ? 'danger' : 'plain'}
      loading={busy}
      onBlur={() => setAsked(false)}
      onClick={() => (asked ? onPress() : setAsked(true))}
    >
      {asked ? again : label}
    </Button>
  );
}
