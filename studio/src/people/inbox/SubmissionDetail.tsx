import { Box, Button, DataList, Flex, Heading, Link, Stack, Text } from '@chakra-ui/react';
import { isDrawn } from '@sirene/core/form';
import { Link as RouterLink } from 'react-router';
import { at, post, type Site, useAnswer } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { Waiting } from '../../shared/Waiting.tsx';
import { exactTime, pathOf } from '../../shared/format.ts';
import { StateMark } from '../../shared/StateMark.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { Part } from '../Part.tsx';
import { PaymentPart } from './PaymentPart.tsx';
import { SentFiles } from './SentFiles.tsx';
import { whoIs } from '../WhoButton.tsx';
import { AssigneeSelect, type Member } from '../../shared/AssigneeSelect.tsx';
import { DeliveryList } from './DeliveryList.tsx';
import { ReplyPart } from './ReplyPart.tsx';
import { inBackground } from '../../shared/background.ts';

/** One submission: what was sent, from where, and what became of it. */
export function SubmissionDetail({
  site,
  members,
  id,
  onChange,
}: {
  site: Site;
  members: readonly Member[];
  id: string;
  onChange: () => void;
}) {
  const { data, error, mutate } = useAnswer(
    at('/api/sites/{site}/submissions/{submission}', { site: site.id, submission: id }),
    {
      refreshInterval: 3000,
    },
  );
  const changed = () => {
    inBackground(mutate());
    onChange();
  };
  const change = (changes: { read?: boolean; assignee?: string | null }) =>
    inBackground(
      post(at('/api/sites/{site}/submissions/change', { site: site.id }), {
        submissions: [id],
        ...changes,
      }).then(changed),
    );
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the submission" />;
  return (
    <Box
      as="section"
      aria-label="Submission"
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      p="5"
      position="sticky"
      top="4"
    >
      <Heading as="h2" fontSize="17px" fontWeight="600" mb="3">
        {data.person ? (
          <Link asChild>
            <RouterLink to={`/people/persons?person=${data.person.id}`}>{whoIs(data.person)}</RouterLink>
          </Link>
        ) : (
          'Submission'
        )}
      </Heading>
      <Flex gap="2" align="center" mb="4" wrap="wrap">
        <Text color="slate">Assigned to</Text>
        <AssigneeSelect
          members={members}
          value={data.assignee?.id ?? null}
          onChange={(assignee) => change({ assignee })}
        />
        <Button size="xs" variant="ghost" colorPalette="plain" onClick={() => change({ read: !data.read })}>
          {data.read ? 'Mark as unread' : 'Mark as read'}
        </Button>
      </Flex>
      <Stack gap="5">
        {data.held && <HeldNote site={site} id={id} reasons={data.held} onChange={changed} />}
        <DataList.Root gap="3" size="md">
          {data.fields.map(({ key, label, value, files, phone }) => (
            <DataList.Item key={key}>
              <DataList.ItemLabel color="slate">{label}</DataList.ItemLabel>
              <DataList.ItemValue whiteSpace="pre-wrap" wordBreak="break-word">
                {files ? (
                  <SentFiles siteId={site.id} files={files} />
                ) : isDrawn(value) ? (
                  <DrawnSignature path={value} label={label} />
                ) : phone ? (
                  <Link href={`tel:${phone}`}>{value}</Link>
                ) : (
                  value || <Text color="slate">empty</Text>
                )}
              </DataList.ItemValue>
            </DataList.Item>
          ))}
        </DataList.Root>
        {data.payment && <PaymentPart site={site} payment={data.payment} onChange={changed} />}
        {!data.held && (
          <Part title="Reply">
            <ReplyPart site={site} submission={data} onChange={changed} />
          </Part>
        )}
        <Part title="Source">
          <Text>
            <Link asChild>
              <RouterLink to={`/widgets/${data.widget.id}`}>{data.widget.name}</RouterLink>
            </Link>{' '}
            (version {data.widget.version})
          </Text>
          <Text>
            <Link href={data.page} target="_blank" rel="noreferrer">
              {data.pageTitle || pathOf(data.page)}
            </Link>
          </Text>
          <Text color="slate">{exactTime(data.receivedAt)}</Text>
        </Part>
        <Part title="Actions">
          <DeliveryList siteId={site.id} deliveries={data.deliveries} onChange={changed} />
        </Part>
      </Stack>
    </Box>
  );
}

function DrawnSignature({ path, label }: { path: string; label: string }) {
  return (
    <svg viewBox="0 0 600 200" role="img" aria-label={label} width="240" height="80">
      <path d={path} fill="none" stroke="currentColor" strokeWidth="4" strokeLinecap="round" />
    </svg>
  );
}

/** Why a submission is held back, and the way to let it through. */
function HeldNote({
  site,
  id,
  reasons,
  onChange,
}: {
  site: Site;
  id: string;
  reasons: string[];
  onChange: () => void;
}) {
  const { error, attempt } = useAttempt();
  const release = () =>
    attempt(async () => {
      await post(at('/api/sites/{site}/submissions/{submission}/release', { site: site.id, submission: id }));
      onChange();
    });
  return (
    <Stack gap="2" bg="wash" rounded="md" p="3">
      <StateMark tone="waiting">Held back: it looks like spam</StateMark>
      <Stack as="ul" gap="0.5" ps="5" listStyleType="disc" color="slate" fontSize="13px">
        {reasons.map((reason) => (
          <li key={reason}>{reason}.</li>
        ))}
      </Stack>
      <Text fontSize="13px">
        Nobody has been told, and nothing has been sent. Letting it through starts its actions.
      </Text>
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        onClick={() => inBackground(release())}
      >
        Let it through
      </Button>
      {error !== null && <ErrorNote error={error} />}
    </Stack>
  );
}
