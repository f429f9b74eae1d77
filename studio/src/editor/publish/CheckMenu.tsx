import { Box, Button, Flex, Popover, Portal } from '@chakra-ui/react';
import { CircleCheck, ListChecks } from 'lucide-react';
import { FindingList } from './FindingList.tsx';
import { useFindings } from './findings.ts';

/** What is worth fixing before publishing. */
export function CheckMenu() {
  const findings = useFindings();
  return (
    <Popover.Root lazyMount positioning={{ placement: 'bottom-end' }}>
      <Popover.Trigger asChild>
        <Button size="xs" variant="outline" colorPalette="plain" aria-label={`Check ${findings.length}`}>
          <ListChecks size={15} aria-hidden />
          <Box as="span" hideBelow="md">
            Check
          </Box>{' '}
          {findings.length}
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
                  No problems found.
                </Flex>
              )}
              <FindingList findings={findings} />
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
