import { Box, Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, post, type MemberReport, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { dateTime } from '../shared/format.ts';
import { Sheet } from '../shared/Sheet.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { TwiceButton } from '../shared/TwiceButton.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

type Deed = 'settle' | 'remove' | 'bar' | 'admit';

/** What members have reported of each other: read and dealt with here. Nothing is shown where nothing was reported. */
export function MemberReports({ site }: { site: Site }) {
  const { data, error, mutate } = useAnswer(at('/api/sites/{site}/member-chat/reports', { site: site.id }), {
    refreshInterval: 30_000,
  });
  const [isOpen, setOpen] = useState(false);
  const { error: refused, busy, attempt } = useAttempt();
  if (!data || data.reports.length === 0) return null;
  const open = data.reports.filter(({ isSettled }) => !isSettled).length;
  const moderate = (report: string, what: Deed, seq = 0) =>
    inBackground(
      attempt(async () => {
        await post(at('/api/sites/{site}/member-chat/reports', { site: site.id }), { report, what, seq });
        await mutate();
      }),
    );
  return (
    <>
      <Button size="xs" variant="outline" colorPalette="plain" onClick={() => setOpen(true)}>
        {open > 0 ? `Member reports (${open})` : 'Member reports'}
      </Button>
      {isOpen && (
        <Sheet title="Member reports" size="lg" reading onClose={() => setOpen(false)}>
          <Stack gap="4">
            {error && <ErrorNote error={error} />}
            {refused !== null && <ErrorNote error={refused} />}
            {data.reports.map((report) => (
              <Reported
                key={report.id}
                report={report}
                busy={busy}
                onDo={(what, seq) => moderate(report.id, what, seq)}
              />
            ))}
          </Stack>
        </Sheet>
      )}
    </>
  );
}

function Reported({
  report,
  busy,
  onDo,
}: {
  report: MemberReport;
  busy: boolean;
  onDo(what: Deed, seq?: number): void;
}) {
  const { reason, by, about, at: time, isSettled, messages } = report;
  return (
    <Box as="section" aria-label={`Report about ${about.name}`} borderWidth="1px" rounded="md" p="4">
      <Flex gap="3" align="baseline" wrap="wrap">
        <Text fontWeight="600" flex="1">
          {by.name} reports {about.name}
        </Text>
        <StateMark tone={isSettled ? 'good' : 'waiting'}>{isSettled ? 'Settled' : 'Open'}</StateMark>
      </Flex>
      <Text color="slate" fontSize="13px">
        {dateTime(time)}
      </Text>
      <Text my="2" overflowWrap="anywhere">
        “{reason}”
      </Text>
      <Stack
        as="ul"
        gap="1"
        listStyleType="none"
        maxH="260px"
        overflow="auto"
        aria-label="Messages"
        tabIndex={0}
      >
        {messages.map(({ seq, text, at: said, isAbout, isRemoved }) => (
          <Flex as="li" key={seq} gap="3" align="start" py="1" borderTopWidth="1px">
            <Box flex="1" minW="0">
              <Text color="slate" fontSize="12px">
                {isAbout ? about.name : by.name} · {dateTime(said)}
              </Text>
              <Text whiteSpace="pre-wrap" overflowWrap="anywhere" color={isRemoved ? 'slate' : undefined}>
                {isRemoved ? 'Removed' : text}
              </Text>
            </Box>
            {!isRemoved && isAbout && (
              <TwiceButton
                label="Remove"
                again="Remove for both"
                busy={busy}
                onPress={() => onDo('remove', seq)}
              />
            )}
          </Flex>
        ))}
      </Stack>
      <Flex gap="2" mt="3" wrap="wrap">
        {about.isBarred ? (
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            loading={busy}
            onClick={() => onDo('admit')}
          >
            Let {about.name} write again
          </Button>
        ) : (
          <TwiceButton
            label={`Stop ${about.name} from writing`}
            again="Stop them on this site"
            busy={busy}
            onPress={() => onDo('bar')}
          />
        )}
        {!isSettled && (
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            loading={busy}
            onClick={() => onDo('settle')}
          >
            Settle
          </Button>
        )}
      </Flex>
    </Box>
  );
}
