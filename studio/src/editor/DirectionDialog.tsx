import { Box, Button, chakra, Flex, Stack, Text } from '@chakra-ui/react';
import { directionEdit, directions, type DirectionName } from '@sirene/core/library/directions';
import { useState } from 'react';
import { Sheet } from '../shared/Sheet.tsx';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';
import { dressed } from '../shared/dressed.ts';
import { useEditing, useSettledDocument } from './state/editing.ts';

const names = Object.keys(directions) as DirectionName[];

/** Gives the widget one of the visual directions, seen before and after. */
export function DirectionDialog({ onClose }: { onClose: () => void }) {
  const { session, brand } = useEditing();
  const document = useSettledDocument();
  const [name, setName] = useState<DirectionName>('quiet');
  const previews = [
    ['Before', document],
    ['After', dressed(document, name, brand)],
  ] as const;
  return (
    <Sheet
      title="Visual direction"
      size="lg"
      onClose={onClose}
      foot={
        <Button
          colorPalette="signal"
          onClick={() => {
            session.apply(directionEdit(session.document, name, brand));
            onClose();
          }}
        >
          Apply {directions[name].label.toLowerCase()}
        </Button>
      }
    >
      <Stack gap="4">
        <Flex gap="2" wrap="wrap" role="group" aria-label="Directions">
          {names.map((one) => (
            <chakra.button
              key={one}
              type="button"
              aria-pressed={one === name}
              px="3"
              py="1.5"
              rounded="md"
              borderWidth="1px"
              borderColor={one === name ? 'deep' : 'line'}
              fontWeight={one === name ? '600' : '400'}
              cursor="pointer"
              onClick={() => setName(one)}
            >
              {directions[one].label}
            </chakra.button>
          ))}
        </Flex>
        <Text color="slate">{directions[name].says} Colours, fonts and sizes stay those of the brand.</Text>
        <Flex gap="4">
          {previews.map(([title, shown]) => (
            <Box key={title}>
              <Text fontSize="13px" fontWeight="600" mb="1">
                {title}
              </Text>
              <WidgetPreview document={shown} brand={brand} width={286} height={260} />
            </Box>
          ))}
        </Flex>
      </Stack>
    </Sheet>
  );
}
