import { Box, chakra, SimpleGrid, Text } from '@chakra-ui/react';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { placementDefinitionOf } from '@sirene/core/document/placement';
import { memo, useLayoutEffect, useRef, useState } from 'react';
import type { Brand } from '../shared/api/index.ts';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';
import { dressed, type Dress } from '../shared/dressed.ts';
import type { Shown } from './gallery.ts';
import { OnPage } from './OnPage.tsx';

interface Props {
  starters: readonly Shown[];
  brand: Brand;
  /** The direction in which all are shown. */
  dress: Dress;
  /** The page of the site on which all are shown, by its id; none where it is empty. */
  page: string;
  onChoose(starter: Shown): void;
}

const card = { least: 270, gap: 16, preview: 180, height: 284 };

/** The gallery. Only rows near the window are drawn. */
export function StarterGrid({ starters, brand, dress, page, onChoose }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState({ width: 1192, top: 0 });
  useLayoutEffect(() => {
    const measure = () => {
      const { width, top } = box.current?.getBoundingClientRect() ?? { width: 0, top: 0 };
      setRoom({ width, top: top + scrollY });
    };
    measure();
    addEventListener('resize', measure);
    return () => removeEventListener('resize', measure);
  }, []);
  const columns = Math.max(1, Math.floor((room.width + card.gap) / (card.least + card.gap)));
  const width = Math.floor((room.width - (columns - 1) * card.gap) / columns);
  const rows = useWindowVirtualizer({
    count: Math.ceil(starters.length / columns),
    estimateSize: () => card.height + card.gap,
    overscan: 1,
    scrollMargin: room.top,
  });
  return (
    <Box ref={box} position="relative" h={`${rows.getTotalSize()}px`}>
      {rows.getVirtualItems().map(({ index, start }) => (
        <SimpleGrid
          key={index}
          as="ul"
          listStyleType="none"
          columns={columns}
          gap={`${card.gap}px`}
          position="absolute"
          insetX="0"
          style={{ top: start - room.top }}
        >
          {starters.slice(index * columns, (index + 1) * columns).map((starter) => (
            <Card
              key={starter.id}
              starter={starter}
              brand={brand}
              dress={dress}
              page={page}
              width={width}
              onChoose={onChoose}
            />
          ))}
        </SimpleGrid>
      ))}
    </Box>
  );
}

interface CardProps extends Omit<Props, 'starters'> {
  starter: Shown;
  width: number;
}

const Card = memo(function Card({ starter, brand, dress, page, width, onChoose }: CardProps) {
  const { says, own } = starter;
  const document = dressed(starter.document, dress, brand);
  return (
    <Box
      as="li"
      position="relative"
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      overflow="hidden"
      h={`${card.height}px`}
      _hover={{ borderColor: 'deep' }}
      _focusWithin={{ borderColor: 'deep' }}
    >
      {page ? (
        <OnPage document={document} brand={brand} page={page} width={width - 2} height={card.preview} />
      ) : (
        <WidgetPreview document={document} brand={brand} width={width - 2} height={card.preview} />
      )}
      <Box p="3">
        <chakra.button
          type="button"
          fontWeight="600"
          textAlign="start"
          cursor="pointer"
          onClick={() => onChoose(starter)}
          _after={{ content: '""', position: 'absolute', inset: '0' }}
        >
          {document.name}
        </chakra.button>
        <Text color="slate" fontSize="13px" lineClamp="2" minH="36px">
          {says}
        </Text>
        <Text fontSize="12px" mt="1" color="slate">
          {own && 'Your own · '}
          {placementDefinitionOf(document.placement).label}
        </Text>
      </Box>
    </Box>
  );
});
