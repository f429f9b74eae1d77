import { Box, Grid, Text } from '@chakra-ui/react';
import {
  illustrationHtml,
  illustrationSource,
  illustrations,
  paintsOf,
} from '@sirene/core/style/illustrations';
import { brandTokens, completeBrand, tokenVariable, type Brand } from '@sirene/core/style';
import { Tile } from './Tile.tsx';

interface Props {
  brand: Brand;
  onChoose(src: string): void;
}

const paints = [...new Set(Object.values(illustrations).flatMap(paintsOf))];

/** The drawings that ship with Sirene, in the colours of the brand. */
export function Illustrations({ brand, onChoose }: Props) {
  const variables = Object.fromEntries(
    [...brandTokens(completeBrand(brand)).values()].map(({ path, css }) => [tokenVariable(path), css]),
  );
  return (
    <Box as="section" aria-labelledby="illustrations" my="4">
      <style>{paints.join('').replaceAll('&', '.illustrations')}</style>
      <Text id="illustrations" fontWeight="600" mb="2">
        Illustrations in your brand colours
      </Text>
      <Grid
        className="illustrations"
        templateColumns="repeat(auto-fill, minmax(120px, 1fr))"
        gap="3"
        style={variables}
      >
        {Object.entries(illustrations).map(([name, drawing]) => (
          <Tile key={name} name={drawing.purpose} onPress={() => onChoose(illustrationSource(name))}>
            <Box
              display="grid"
              alignItems="center"
              w="full"
              h="full"
              px="2"
              color="var(--color-ink)"
              bg="var(--color-ground)"
              dangerouslySetInnerHTML={{ __html: illustrationHtml(drawing, '').text }}
            />
          </Tile>
        ))}
      </Grid>
    </Box>
  );
}
