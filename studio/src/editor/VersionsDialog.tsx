import { Box, Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, useAnswer, type Version } from '../shared/api/index.ts';
import { dateTime } from '../shared/format.ts';
import { Comparison } from './Comparison.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';
import { useEditing } from './state/editing.ts';
import { useSelection } from './state/selection.ts';

/** What was published, newest first: compared with the draft, and made the draft again. */
export function VersionsDialog({ onClose }: { onClose: () => void }) {
  const { widget, brand, session } = useEditing();
  const { select } = useSelection();
  const { data: versions } = useAnswer(at('/api/widgets/{widget}/versions', { widget: widget.id }));
  const [compared, compare] = useState<number | null>(null);
  const goBack = (version: Version) => {
    session.replace(version.document);
    select(null);
    onClose();
  };
  return (
    <Sheet title="Versions" size="lg" onClose={onClose}>
      {versions?.length === 0 && (
        <Text color="slate">Nothing has been published yet. Every published version is kept here.</Text>
      )}
      <Stack as="ul" gap="3" listStyleType="none">
        {versions?.map((version) => (
          <Box as="li" key={version.number}>
            <Flex gap="4" align="center">
              <WidgetPreview document={version.document} brand={brand} width={136} height={88} />
              <Stack gap="0.5" flex="1">
                <Text fontWeight="600">Version {version.number}</Text>
                <Text color="slate">
                  {dateTime(version.publishedAt)}, by {version.publishedBy}
                </Text>
                {version.live && <StateMark tone="good">Live version</StateMark>}
              </Stack>
              <Button
                size="xs"
                variant="ghost"
                colorPalette="plain"
                aria-expanded={compared === version.number}
                onClick={() => compare(compared === version.number ? null : version.number)}
              >
                Compare with draft
              </Button>
              <Button size="xs" variant="outline" colorPalette="plain" onClick={() => goBack(version)}>
                Restore as draft
              </Button>
            </Flex>
            {compared === version.number && (
              <Comparison
                brand={brand}
                before={version.document}
                after={session.document}
                names={[`Version ${version.number}`, 'Draft']}
                where="draft"
              />
            )}
          </Box>
        ))}
      </Stack>
      <Text color="slate" mt="4">
        Visitors see no change until you publish. Restoring a version can be undone like any edit.
      </Text>
    </Sheet>
  );
}
