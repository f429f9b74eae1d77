import { Button, Stack } from '@chakra-ui/react';
import type { Site } from '../shared/api/index.ts';
import { ScriptTag } from '../site/ScriptTag.tsx';

/** The one line that the site needs, and whether it is there. */
export function ScriptStep({ site, onDone }: { site: Site; onDone(): void }) {
  return (
    <Stack gap="5">
      <ScriptTag site={site} />
      <Button colorPalette="signal" alignSelf="start" onClick={onDone}>
        Continue
      </Button>
    </Stack>
  );
}
