import { Box, Button, Flex } from '@chakra-ui/react';
import { CircleCheck, ListChecks } from 'lucide-react';
import { TitledPopover } from '../../shared/TitledPopover.tsx';
import { FindingList } from './FindingList.tsx';
import { useFindings } from './findings.ts';

/** What is worth fixing before publishing. */
export function CheckMenu() {
  const findings = useFindings();
  return (
    <TitledPopover
      title="Check"
      width="420px"
      placement="bottom-end"
      scrolls
      trigger={
        <Button size="xs" variant="outline" colorPalette="plain" aria-label={`Check ${findings.length}`}>
          <ListChecks size={15} aria-hidden />
          <Box as="span" hideBelow="md">
            Check
          </Box>{' '}
          {findings.length}
        </Button>
      }
    >
      {findings.length === 0 && (
        <Flex gap="2" align="center" color="kelp">
          <CircleCheck size={16} aria-hidden />
          No problems found.
        </Flex>
      )}
      <FindingList findings={findings} />
    </TitledPopover>
  );
}
