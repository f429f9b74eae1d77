import { Button, CloseButton, Flex, Text } from '@chakra-ui/react';
import { at, post, type Site } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { count } from '../../shared/format.ts';
import { TwiceButton } from '../../shared/TwiceButton.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { AssigneeSelect, type Member } from '../../shared/AssigneeSelect.tsx';

interface Props {
  site: Site;
  members: readonly Member[];
  chosen: ReadonlySet<string>;
  /** Whether those that are held back are shown. */
  isHeld: boolean;
  isOwner: boolean;
  onDone(): void;
  onClear(): void;
}

/** What can be done with several submissions at once. */
export function BulkBar({ site, members, chosen, isHeld, isOwner, onDone, onClear }: Props) {
  const { error, busy, attempt } = useAttempt();
  const submissions = [...chosen];
  const does = (work: () => Promise<unknown>) =>
    inBackground(
      attempt(async () => {
        await work();
        onDone();
      }),
    );
  const change = (changes: { read?: boolean; assignee?: string | null }) =>
    does(() =>
      post(at('/api/sites/{site}/submissions/change', { site: site.id }), { submissions, ...changes }),
    );
  const release = async () => {
    for (const submission of submissions)
      await post(at('/api/sites/{site}/submissions/{submission}/release', { site: site.id, submission }));
  };
  const remove = () => post(at('/api/sites/{site}/submissions/delete', { site: site.id }), { submissions });
  const button = { size: 'xs', variant: 'outline', colorPalette: 'plain', disabled: busy } as const;
  return (
    <Flex
      role="toolbar"
      aria-label="Selected submissions"
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      px="3"
      py="2"
      gap="2"
      align="center"
      wrap="wrap"
    >
      <Text fontWeight="600" me="2" aria-live="polite">
        {count(submissions.length)} selected
      </Text>
      <Button {...button} onClick={() => change({ read: true })}>
        Mark as read
      </Button>
      <Button {...button} onClick={() => change({ read: false })}>
        Mark as unread
      </Button>
      <AssigneeSelect
        members={members}
        value={undefined}
        isDisabled={busy}
        onChange={(assignee) => change({ assignee })}
      />
      {isHeld && (
        <Button {...button} onClick={() => does(release)}>
          Let through
        </Button>
      )}
      {isOwner && (
        <TwiceButton
          label="Delete …"
          again={`Delete ${count(submissions.length)} for good`}
          busy={busy}
          onPress={() => does(remove)}
        />
      )}
      <CloseButton size="xs" ms="auto" aria-label="Select none" onClick={onClear} />
      {error !== null && <ErrorNote error={error} />}
    </Flex>
  );
}
