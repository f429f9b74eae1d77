import { Box, Button, Flex, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import { sceneOf } from '@sirene/core/widget';
import { CircleCheck, ListChecks } from 'lucide-react';
import { useFindings } from './state/findings.ts';
import { useSettledDocument, useEditor } from './state/editor.tsx';

/** What is worth mending before publishing, each with a way to it and, where there is one, a repair. */
export function CheckMenu() {
  const { session, select, setScene, scene } = useEditor();
  const document = useSettledDocument();
  const findings = useFindings();
  const show = (element: string | null) => {
    const at = element && sceneOf(document, element);
    if (at && at !== scene) setScene(at);
    select(element);
  };
  return (
    <Popover.Root lazyMount positioning={{ placement: 'bottom-end' }}>
      <Popover.Trigger asChild>
        <Button size="xs" variant="outline" colorPalette="plain">
          <ListChecks size={15} aria-hidden />
          Check {findings.length}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="420px" aria-label="Check">
            <Popover.Body p="4" maxH="60vh" overflow="auto">
              <Popover.Title fontWeight="600" mb="3">
                Check
              </Popover.Title>
              {findings.length === 0 && (
                <Flex gap="2" align="center" color="kelp">
                  <CircleCheck size={16} aria-hidden />
                  Nothing to mend.
                </Flex>
              )}
              <Stack as="ul" gap="3" listStyleType="none">
                {findings.map(({ element, text, repair }, at) => (
                  <Flex as="li" key={at} justify="space-between" gap="3" align="start">
                    <Text flex="1">{text}</Text>
                    <Flex gap="1" flex="none">
                      <Button size="2xs" variant="ghost" colorPalette="plain" onClick={() => show(element)}>
                        Show
                      </Button>
                      {repair && (
                        <Button
                          size="2xs"
                          variant="outline"
                          colorPalette="plain"
                          onClick={() => session.apply(repair.operation)}
                        >
                          <Box as="span">{repair.label}</Box>
                        </Button>
                      )}
                    </Flex>
                  </Flex>
                ))}
              </Stack>
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
