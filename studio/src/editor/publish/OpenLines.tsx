import { Box, Stack, Text } from '@chakra-ui/react';
import type { Opener } from '@sirene/core/behaviour';
import { Snippet } from '../../shared/Snippet.tsx';

const lines: Readonly<Record<Opener, { label: string; text(slug: string): string }>> = {
  link: { label: 'A link', text: (slug) => `<a href="#${slug}">Open</a>` },
  attribute: { label: 'An attribute on any element', text: (slug) => `data-sirene-open="${slug}"` },
  script: { label: 'A script', text: (slug) => `sirene.open('${slug}')` },
};

const every: readonly Opener[] = ['link', 'attribute', 'script'];

/** The ways in which a page opens the widget, each to copy. */
export function OpenLines({ slug, ways = every }: { slug: string; ways?: readonly Opener[] }) {
  return (
    <Box>
      <Text fontWeight="600" mb="1">
        Open it from the page
      </Text>
      <Stack gap="2">
        {ways.map((way) => (
          <Snippet key={way} label={lines[way].label} text={lines[way].text(slug)} />
        ))}
      </Stack>
    </Box>
  );
}
