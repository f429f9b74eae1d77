import { Box, Button, Flex, IconButton, Input, Stack, Text } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { at, post, remove, type SavedReply, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { TitledPopover } from '../shared/TitledPopover.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

interface Props {
  site: Site;
  replies: readonly SavedReply[];
  /** What is written at the moment, which can be saved. */
  text: string;
  onUse(reply: SavedReply): void;
  onChange(): void;
}

/** What is often answered: chosen, saved and removed. */
export function SavedReplies({ site, replies, text, onUse, onChange }: Props) {
  const [name, setName] = useState('');
  const { error, busy, attempt } = useAttempt();
  const save = async () => {
    const saved = await attempt(async () => {
      await post(at('/api/sites/{site}/saved-replies', { site: site.id }), { name, text });
      onChange();
    });
    if (saved) setName('');
  };
  const drop = async ({ id }: SavedReply) => {
    await remove(at('/api/sites/{site}/saved-replies/{reply}', { site: site.id, reply: id }));
    onChange();
  };
  return (
    <TitledPopover
      title="Saved replies"
      width="360px"
      placement="top-start"
      scrolls
      trigger={
        <Button size="xs" variant="outline" colorPalette="plain">
          Saved replies
        </Button>
      }
    >
      <Stack gap="2">
        {replies.length === 0 && <Text color="slate">None yet. Write an answer, then save it here.</Text>}
        <Box as="ul" listStyleType="none" aria-label="Saved replies">
          {replies.map((reply) => (
            <Flex as="li" key={reply.id} align="center" gap="1">
              <Button
                variant="ghost"
                size="xs"
                colorPalette="plain"
                flex="1"
                minW="0"
                justifyContent="start"
                onClick={() => onUse(reply)}
              >
                <Text as="span" fontWeight="600">
                  /{reply.name}
                </Text>
                <Text as="span" truncate color="slate" fontWeight="400">
                  {reply.text}
                </Text>
              </Button>
              <IconButton
                size="2xs"
                variant="ghost"
                colorPalette="plain"
                aria-label={`Remove the reply ${reply.name}`}
                onClick={() => inBackground(drop(reply))}
              >
                <Trash2 size={13} aria-hidden />
              </IconButton>
            </Flex>
          ))}
        </Box>
        {text.trim() !== '' && (
          <Flex gap="2">
            <Input
              size="xs"
              aria-label="Short name"
              placeholder="Short name"
              maxLength={30}
              value={name}
              onChange={({ target }) => setName(target.value)}
            />
            <Button
              size="xs"
              variant="outline"
              colorPalette="plain"
              loading={busy}
              disabled={name === ''}
              onClick={() => inBackground(save())}
            >
              Save answer
            </Button>
          </Flex>
        )}
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </TitledPopover>
  );
}
