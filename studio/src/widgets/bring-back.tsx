import { Button, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, type ListedWidget, post } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { inBackground } from '../shared/background.ts';

/** Says which widget was just deleted, and brings it back when asked. */
export function useBringBack(onChanged: () => void) {
  const [gone, setGone] = useState<ListedWidget | null>(null);
  const [error, setError] = useState<unknown>(null);
  const bringBack = async (widget: ListedWidget) => {
    try {
      await post(at('/api/widgets/{widget}/bring-back', { widget: widget.id }));
      setGone(null);
      onChanged();
    } catch (failure) {
      setError(failure);
    }
  };
  const note = gone && (
    <Flex role="status" bg="sheet" borderWidth="1px" rounded="md" px="3" py="2" mb="3" align="center" gap="3">
      <Text flex="1">
        <strong>{gone.name}</strong> is deleted{gone.publishedNumber === null ? '' : ' and off the site'}. Its
        submissions are kept.
      </Text>
      {error ? <ErrorNote error={error} /> : null}
      <Button size="xs" variant="outline" colorPalette="plain" onClick={() => inBackground(bringBack(gone))}>
        Restore
      </Button>
    </Flex>
  );
  const deleted = (widget: ListedWidget) => {
    setError(null);
    setGone(widget);
    onChanged();
  };
  return { note, deleted };
}
