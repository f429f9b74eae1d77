import { Button, Stack } from '@chakra-ui/react';
import { Link } from 'react-router';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Waiting } from '../shared/Waiting.tsx';

const back = { to: '/widgets', label: 'Back to widgets' };

/** What is seen until the editor is there. Apart from it, since its code is part of what is waited for. */
export function Opening() {
  return <Waiting what="Opening the widget, its page and its brand" back={back} />;
}

/** What is seen when the editor cannot open: why, and the way out. */
export function NotOpened({ error, retry }: { error: unknown; retry?: () => void }) {
  return (
    <Stack as="main" maxW="560px" mx="auto" mt="20vh" px="6" gap="4">
      <ErrorNote error={error} retry={retry} />
      <Button asChild size="sm" variant="outline" colorPalette="plain" alignSelf="start">
        <Link to={back.to}>{back.label}</Link>
      </Button>
    </Stack>
  );
}
