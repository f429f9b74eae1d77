import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { onFailure } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';

/** Says at the foot of the studio what failed with nobody waiting for it, until it is put aside. */
export function Failures() {
  const [failure, setFailure] = useState<{ error: unknown } | null>(null);
  useEffect(() => onFailure((error) => setFailure({ error })), []);
  if (!failure) return null;
  return (
    <Flex pos="fixed" bottom="4" left="4" right="4" justify="center" zIndex="toast" pointerEvents="none">
      <Box maxW="560px" rounded="md" pointerEvents="auto" shadow="md">
        <ErrorNote error={failure.error} dismiss={() => setFailure(null)} />
      </Box>
    </Flex>
  );
}
