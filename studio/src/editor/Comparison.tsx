import { Box, Flex, Stack, Text } from '@chakra-ui/react';
import { compareDocuments, type Difference } from '@sirene/core/review/compare';
import type { SceneName, WidgetDocument } from '@sirene/core/document/widget';
import type { Brand } from '../shared/api/index.ts';
import { titleOfScene } from '../shared/scene-names.ts';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';

interface Props {
  brand: Brand;
  before: WidgetDocument;
  after: WidgetDocument;
  /** What the two states are called. */
  names: readonly [string, string];
  /** The second, as it stands in a sentence: “new in the draft”. */
  where: string;
}

/** Two states of a widget: what became of it, and each scene side by side. */
export function Comparison({ brand, before, after, names, where }: Props) {
  const differences = compareDocuments(before, after);
  const scenes = [...new Set([...Object.keys(before.scenes), ...Object.keys(after.scenes)])] as SceneName[];
  return (
    <Box bg="paper" borderWidth="1px" rounded="md" p="3" mt="2">
      {differences.length === 0 ? (
        <Text>No differences.</Text>
      ) : (
        <>
          <Stack as="ul" listStyleType="none" gap="0.5" mb="3" aria-label="Differences">
            {differences.map((difference) => (
              <li key={`${difference.kind} ${difference.element}`}>{sentenceOf(difference, where)}</li>
            ))}
          </Stack>
          <Stack gap="3">
            {scenes.map((scene) => (
              <Flex key={scene} gap="3" align="end">
                {[[names[0], before] as const, [names[1], after] as const].map(([name, document]) => (
                  <Box key={name}>
                    <Text fontSize="12px" color="slate" mb="1">
                      {name}, {titleOfScene(document, scene).toLowerCase()}
                    </Text>
                    {document.scenes[scene] ? (
                      <WidgetPreview
                        document={document}
                        brand={brand}
                        width={284}
                        height={170}
                        scene={scene}
                      />
                    ) : (
                      <Flex w="284px" h="170px" align="center" justify="center" color="slate" bg="wash">
                        This version has no such scene
                      </Flex>
                    )}
                  </Box>
                ))}
              </Flex>
            ))}
          </Stack>
        </>
      )}
    </Box>
  );
}

function sentenceOf({ kind, element, title, what }: Difference, where: string): string {
  // In quotation marks: most are called by their words, which may end in a full stop.
  if (kind === 'added') return `“${title}”: new in ${where}`;
  if (kind === 'removed') return `“${title}”: not in ${where}`;
  return `${element === null ? 'The widget' : `“${title}”`}: other ${what.join(', ')}`;
}
