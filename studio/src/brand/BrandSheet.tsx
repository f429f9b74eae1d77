import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import type { Brand } from '@sirene/core/style';
import { useDeferredValue, useMemo } from 'react';
import { at, useAnswer } from '../shared/api/index.ts';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';
import { DressedPreview } from './DressedPreview.tsx';
import { useBrandEditing } from './brand-context.ts';
import { lookPiece, pieces } from './sheet-pieces.ts';

/** The brand as it is being edited, on real pieces and on the site's own widgets. */
export function BrandSheet() {
  const { brand, site } = useBrandEditing();
  // The pieces follow at once; what is further down may lag behind a slider that is being drawn.
  const later = useDeferredValue(brand);
  const { data: widgets = [] } = useAnswer(at('/api/sites/{site}/widgets', { site: site.id }));
  return (
    <Box
      position="sticky"
      top="0"
      maxH="100vh"
      overflow="auto"
      tabIndex={0}
      aria-label="Brand preview"
      role="region"
    >
      <Flex wrap="wrap" gap="4">
        {pieces.map(({ title, width, height, document }) => (
          <Figure key={title} title={title}>
            <WidgetPreview document={document} brand={brand} width={width} height={height} />
          </Figure>
        ))}
        <Looks brand={later} />
      </Flex>
      {widgets.length > 0 && (
        <>
          <Heading as="h2" fontSize="15px" mt="6" mb="3">
            The widgets of {site.name}
          </Heading>
          <Flex wrap="wrap" gap="4">
            {widgets.slice(0, 24).map(({ id, name, draftVersion }) => (
              <Figure key={id} title={name}>
                <DressedPreview id={id} version={draftVersion} brand={later} width={240} height={150} />
              </Figure>
            ))}
          </Flex>
        </>
      )}
    </Box>
  );
}

function Looks({ brand }: { brand: Brand }) {
  // A look's own values do not change its piece, which only names it.
  const names = JSON.stringify(Object.entries(brand.looks).map(([id, { role, name }]) => [id, role, name]));
  const worn = useMemo(
    () =>
      (JSON.parse(names) as [string, Brand['looks'][string]['role'], string][]).map(([id, role, name]) => ({
        id,
        ...lookPiece(id, { role, name, style: {} }),
      })),
    [names],
  );
  return worn.map(({ id, title, width, height, document }) => (
    <Figure key={id} title={title}>
      <WidgetPreview document={document} brand={brand} width={width} height={height} />
    </Figure>
  ));
}

function Figure({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box as="figure">
      {children}
      <Text as="figcaption" fontSize="12px" color="slate" mt="1" maxW="240px" truncate>
        {title}
      </Text>
    </Box>
  );
}
