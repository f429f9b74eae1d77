import { Button, Input, Stack, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { at, post, type Site, type Submission } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { dateTime } from '../../shared/format.ts';
import { useAttempt } from '../../shared/use-attempt.ts';

interface Props {
  site: Site;
  submission: Submission;
  onChange(): void;
}

/** What was answered by mail, and the place to answer. */
export function ReplyPart({ site, submission, onChange }: Props) {
  const { person, deliveries, widget } = submission;
  const [isOpen, setOpen] = useState(false);
  const [subject, setSubject] = useState(`Re: ${widget.name}`);
  const [text, setText] = useState('');
  const { error, busy, attempt } = useAttempt();
  const written = deliveries.flatMap(({ id, written: mail, lastAt, dueAt }) =>
    mail ? [{ id, ...mail, at: lastAt ?? dueAt }] : [],
  );
  const send = async () => {
    const sent = await attempt(async () => {
      const path = { site: site.id, submission: submission.id };
      await post(at('/api/sites/{site}/submissions/{submission}/answer', path), { subject, text });
      onChange();
    });
    if (!sent) return;
    setText('');
    setOpen(false);
  };
  return (
    <>
      {written.map((mail) => (
        <Stack key={mail.id} gap="0.5" bg="wash" rounded="md" p="3">
          <Text fontWeight="600">{mail.subject}</Text>
          <Text whiteSpace="pre-wrap" overflowWrap="anywhere">
            {mail.text}
          </Text>
          <Text color="slate" fontSize="13px">
            {mail.by} · {dateTime(mail.at)}
          </Text>
        </Stack>
      ))}
      {!person?.email && <Text color="slate">Whoever sent it has left no e-mail address.</Text>}
      {person?.email && !isOpen && (
        <Button
          size="xs"
          variant="outline"
          colorPalette="plain"
          alignSelf="start"
          onClick={() => setOpen(true)}
        >
          Reply by e-mail …
        </Button>
      )}
      {person?.email && isOpen && (
        <form
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            if (subject.trim() && text.trim()) inBackground(send());
          }}
        >
          <Stack gap="2">
            <Text color="slate" fontSize="13px">
              To {person.email}, in the site’s brand. The answer to it comes to your own address.
            </Text>
            <Input
              size="sm"
              aria-label="Subject"
              maxLength={200}
              value={subject}
              onChange={({ target }) => setSubject(target.value)}
            />
            <Textarea
              autoFocus
              size="sm"
              aria-label="Text"
              rows={5}
              autoresize
              maxLength={10_000}
              value={text}
              onChange={({ target }) => setText(target.value)}
            />
            {error !== null && <ErrorNote error={error} />}
            <Stack direction="row" gap="2">
              <Button
                type="submit"
                size="xs"
                colorPalette="signal"
                loading={busy}
                disabled={!subject.trim() || !text.trim()}
              >
                Send reply
              </Button>
              <Button size="xs" variant="outline" colorPalette="plain" onClick={() => setOpen(false)}>
                Cancel
              </Button>
            </Stack>
          </Stack>
        </form>
      )}
    </>
  );
}
