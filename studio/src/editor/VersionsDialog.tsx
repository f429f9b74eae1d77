import { Button, CloseButton, Dialog, Flex, Portal, Stack, Text } from '@chakra-ui/react';
import useSWR from 'swr';
import { get, type Version } from '../shared/api.ts';
import { dateTime } from '../shared/format.ts';
import { StateMark } from '../shared/StateMark.tsx';
import { WidgetPicture } from '../shared/WidgetPicture.tsx';
import { useEditor } from './state/editor.tsx';

/** What was published, newest first; any of it can be the draft again. */
export function VersionsDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { widget, brand, session, select } = useEditor();
  const { data: versions } = useSWR(open && `/api/widgets/${widget.id}/versions`, get<Version[]>);
  const goBack = (version: Version) => {
    session.replace(version.document);
    select(null);
    onClose();
  };
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(change) => !change.open && onClose()}
      size="lg"
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Header>
              <Dialog.Title>Versions</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              {versions?.length === 0 && (
                <Text color="slate">Nothing has been published yet. Each publishing is kept here.</Text>
              )}
              <Stack as="ul" gap="3" listStyleType="none">
                {versions?.map((version) => (
                  <Flex as="li" key={version.number} gap="4" align="center">
                    <WidgetPicture document={version.document} brand={brand} width={136} height={88} />
                    <Stack gap="0.5" flex="1">
                      <Text fontWeight="600">Version {version.number}</Text>
                      <Text color="slate">
                        {dateTime(version.publishedAt)}, by {version.publishedBy}
                      </Text>
                      {version.live && <StateMark tone="good">What visitors get now</StateMark>}
                    </Stack>
                    <Button size="xs" variant="outline" colorPalette="plain" onClick={() => goBack(version)}>
                      Make it the draft
                    </Button>
                  </Flex>
                ))}
              </Stack>
              <Text color="slate" mt="4">
                Visitors see no change until you publish. Taking an earlier version can be undone like any
                edit.
              </Text>
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
