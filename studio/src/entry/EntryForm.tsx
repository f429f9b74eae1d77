import { Button, Stack } from '@chakra-ui/react';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { inBackground } from '../shared/background.ts';

interface Props {
  /** What its button says. */
  action: string;
  busy: boolean;
  /** Whether something else on the page is the main thing to do. */
  second?: boolean;
  error: unknown;
  /** What can be done about an error. */
  wayOut?: React.ReactNode;
  onSubmit(event: React.FormEvent): Promise<unknown>;
  children: React.ReactNode;
}

/** The form of a way in: its fields, what was refused, and its button. */
export function EntryForm({ action, busy, second = false, error, wayOut, onSubmit, children }: Props) {
  return (
    <form noValidate onSubmit={(event) => inBackground(onSubmit(event))}>
      <Stack gap="4">
        {children}
        {error !== null && (
          <>
            <ErrorNote error={error} />
            {wayOut}
          </>
        )}
        <Button
          type="submit"
          variant={second ? 'outline' : 'solid'}
          colorPalette={second ? 'plain' : 'signal'}
          loading={busy}
        >
          {action}
        </Button>
      </Stack>
    </form>
  );
}
