import { Box, Flex, Stack, Text } from '@chakra-ui/react';
import type { Proposal } from '@sirene/core/library/proposal';
import type { Brand } from '@sirene/core/style';
import { Swatch } from '../shared/style/ColourControl.tsx';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';
import { pieces } from './sheet-pieces.ts';

/** What was found on a page, and how widgets would look with it. */
export function ProposalView({ found, brand }: { found: Proposal; brand: Brand }) {
  return (
    <Flex gap="5" wrap="wrap">
      <Stack gap="3" flex="1" minW="240px">
        <Text fontWeight="600">Colours found, most used first</Text>
        <Stack gap="1">
          {found.colours.slice(0, 10).map(({ hex, text, ground, border, button }) => (
            <Flex key={hex} gap="2" align="center" fontSize="13px">
              <Swatch colour={hex} size={20} />
              <Text fontFamily="mono">{hex}</Text>
              <Text color="slate">{usesOf({ text, background: ground, border, button })}</Text>
            </Flex>
          ))}
        </Stack>
        <Text fontSize="13px">
          {found.fonts.length > 0 ? `Fonts: ${found.fonts.join(', ')}` : 'No custom fonts'}
          {found.radii.length > 0 && `. Corners: ${found.radii.slice(0, 4).join(', ')} px`}
        </Text>
      </Stack>
      <Box>
        <Text fontWeight="600" mb="2">
          Preview
        </Text>
        {pieces.slice(1, 3).map(({ title, document }) => (
          <Box key={title} mb="2">
            <WidgetPreview
              document={document}
              brand={brand}
              width={280}
              height={title === 'Buttons and badges' ? 110 : 210}
            />
          </Box>
        ))}
      </Box>
    </Flex>
  );
}

const usesOf = (uses: Record<string, number>): string =>
  Object.entries(uses)
    .filter(([, count]) => count > 0)
    .sort(([, one], [, other]) => other - one)
    .map(([name]) => name)
    .join(', ');
