import { Box, Button, Flex, Stack, Text } from '@chakra-ui/react';
import { compareDocuments, type Difference } from '@sirene/core/compare';
import type { SceneName } from '@sirene/core/widget';
import { useState } from 'react';
import useSWR from 'swr';
import { get, type Version } from '../shared/api.ts';
import { dateTime } from '../shared/format.ts';
import { sceneNames } from '../shared/scene-names.ts';
import { Sheet } from '../shared/Sheet.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { WidgetPicture } from '../shared/WidgetPicture.tsx';
import { useEditor } from './state/editor.tsx';

/** What was published, newest first: compared with the draft, and made the draft again. */
export function VersionsDialog({ onClose }: { onClose: () => void }) {
  const { widget, brand, session, select } = useEditor();
  const { data: versions } = useSWR(`/api/widgets/${widget.id}/versions`, get<Version[]>);
  const [compared, compare] = useState<number | null>(null);
  const goBack = (version: Version) => {
    session.replace(version.document);
    select(null);
    onClose();
  };
  return (
    <Sheet title="Versions" size="lg" onClose={onClose}>
      {versions?.length === 0 && (
        <Text color="slate">Nothing has been published yet. Each publishing is kept here.</Text>
      )}
      <Stack as="ul" gap="3" listStyleType="none">
        {versions?.map((version) => (
          <Box as="li" key={version.number}>
            <Flex gap="4" align="center">
              <WidgetPicture document={version.document} brand={brand} width={136} height={88} />
              <Stack gap="0.5" flex="1">
                <Text fontWeight="600">Version {version.number}</Text>
                <Text color="slate">
                  {dateTime(version.publishedAt)}, by {version.publishedBy}
                </Text>
                {version.live && <StateMark tone="good">What visitors get now</StateMark>}
              </Stack>
              <Button
                size="xs"
                variant="ghost"
                colorPalette="plain"
                aria-expanded={compared === version.number}
                onClick={() => compare(compared === version.number ? null : version.number)}
              >
                Compare with the draft
              </Button>
              <Button size="xs" variant="outline" colorPalette="plain" onClick={() => goBack(version)}>
                Make it the draft
              </Button>
            </Flex>
            {compared === version.number && <Comparison version={version} />}
          </Box>
        ))}
      </Stack>
      <Text color="slate" mt="4">
        Visitors see no change until you publish. Taking an earlier version can be undone like any edit.
      </Text>
    </Sheet>
  );
}

function Comparison({ version }: { version: Version }) {
  const { session, brand } = useEditor();
  const draft = session.document;
  const differences = compareDocuments(version.document, draft);
  const scenes = [
    ...new Set([...Object.keys(version.document.scenes), ...Object.keys(draft.scenes)]),
  ] as SceneName[];
  return (
    <Box bg="paper" borderWidth="1px" rounded="md" p="3" mt="2">
      {differences.length === 0 ? (
        <Text>The draft is the same as this version.</Text>
      ) : (
        <>
          <Stack as="ul" listStyleType="none" gap="0.5" mb="3" aria-label="What is different">
            {differences.map((difference) => (
              <li key={`${difference.kind} ${difference.element}`}>{sentenceOf(difference)}</li>
            ))}
          </Stack>
          <Stack gap="3">
            {scenes.map((scene) => (
              <Flex key={scene} gap="3" align="end">
                {[
                  [`Version ${version.number}`, version.document] as const,
                  ['The draft', draft] as const,
                ].map(([name, document]) => (
                  <Box key={name}>
                    <Text fontSize="12px" color="slate" mb="1">
                      {name}, {sceneNames[scene].toLowerCase()}
                    </Text>
                    {document.scenes[scene] ? (
                      <WidgetPicture
                        document={document}
                        brand={brand}
                        width={284}
                        height={170}
                        scene={scene}
                      />
                    ) : (
                      <Flex w="284px" h="170px" align="center" justify="center" color="slate" bg="wash">
                        Has no such scene
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

function sentenceOf({ kind, element, title, what }: Difference): string {
  // In quotation marks: most are called by their words, which may end in a full stop.
  if (kind === 'added') return `“${title}”: new in the draft`;
  if (kind === 'removed') return `“${title}”: no longer in the draft`;
  return `${element === null ? 'The widget' : `“${title}”`}: other ${what.join(', ')}`;
}
