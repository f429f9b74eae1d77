import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { specOfAction, type Action } from '@sirene/core/actions';
import { useState } from 'react';
import { type ActionPreview, at, post } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { MailBody } from '../../shared/MailBody.tsx';
import { Sheet } from '../../shared/Sheet.tsx';
import { StateMark } from '../../shared/StateMark.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { useEditing } from '../state/editing.ts';

/** What an action would send, to look at, and a way to send it to oneself. */
export function TryAction({ action }: { action: Action }) {
  const { widget } = useEditing();
  const { error, busy, attempt } = useAttempt();
  const [preview, setPreview] = useState<ActionPreview | null>(null);
  const [sentTo, setSentTo] = useState<string | null>(null);
  const tried = specOfAction(action)?.tried;
  if (!tried) return null;
  const path = { widget: widget.id };
  const look = () =>
    attempt(async () =>
      setPreview(await post(at('/api/widgets/{widget}/actions/preview', path), { action })),
    );
  const test = () =>
    attempt(async () => {
      setSentTo(null);
      setSentTo((await post(at('/api/widgets/{widget}/actions/test', path), { action })).to);
    });
  const button = { size: 'xs', variant: 'outline', colorPalette: 'plain', disabled: busy } as const;
  return (
    <Stack gap="2">
      <Flex gap="2" align="center" wrap="wrap">
        {tried === 'mail' && (
          <Button {...button} onClick={() => inBackground(look())}>
            Preview e-mail
          </Button>
        )}
        <Button {...button} onClick={() => inBackground(test())}>
          {tried === 'mail' ? 'Send me a test' : 'Send a test'}
        </Button>
        {sentTo !== null && (
          <Text role="status">
            <StateMark tone="good">Test sent to {sentTo}</StateMark>
          </Text>
        )}
      </Flex>
      {error !== null && <ErrorNote error={error} />}
      {preview && (
        <Sheet title="Preview of the e-mail" size="lg" reading onClose={() => setPreview(null)}>
          <Stack gap="4">
            <Text color="slate">
              {preview.isSample
                ? 'With made-up answers: nobody has sent this form yet.'
                : 'With the answers of the last submission.'}
            </Text>
            {preview.mails.length === 0 && <Text>It is sent to nobody yet.</Text>}
            {preview.mails.slice(0, 1).map((mail) => (
              <Stack key={mail.to} gap="1">
                <Text>
                  <Text as="span" color="slate">
                    To{' '}
                  </Text>
                  {preview.mails.map(({ to }) => to).join(', ')}
                </Text>
                <Text>
                  <Text as="span" color="slate">
                    Subject{' '}
                  </Text>
                  <Text as="span" fontWeight="600">
                    {mail.subject}
                  </Text>
                </Text>
                <MailBody text={mail.text} html={mail.html} />
              </Stack>
            ))}
          </Stack>
        </Sheet>
      )}
    </Stack>
  );
}
