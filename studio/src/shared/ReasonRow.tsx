import { Box } from '@chakra-ui/react';
import type { ReasonLine } from '@sirene/core/review/reasons';
import { StateMark } from './StateMark.tsx';

/**
 * A rule and whether it holds, with what it wants and what was found; the parts of a group below it.
 *
 * @param settled whether what it is part of holds without it: then it keeps nothing away
 */
export function ReasonRow({
  line: { holds, wanted, found, parts },
  settled = false,
}: {
  line: ReasonLine;
  settled?: boolean;
}) {
  return (
    <Box fontSize="13px" lineHeight="1.4">
      <StateMark tone={holds ? 'good' : settled ? 'quiet' : 'bad'} wraps>
        {wanted}
        {found !== undefined && (
          <Box as="span" color="slate" fontWeight="400">
            {' '}
            · now {found}
          </Box>
        )}
      </StateMark>
      {parts.length > 0 && (
        <Box ml="3" pl="2" borderInlineStartWidth="1px">
          {parts.map((part, at) => (
            <ReasonRow key={at} line={part} settled={holds} />
          ))}
        </Box>
      )}
    </Box>
  );
}
