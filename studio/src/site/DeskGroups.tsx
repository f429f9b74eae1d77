import { Box, Button, Checkbox, Field, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { newId } from '@sirene/embed/new-id';
import { useState } from 'react';
import { at, put, type DeskGroup, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Panel } from '../shared/Panel.tsx';
import { TwiceButton } from '../shared/TwiceButton.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

/** Groups of the desk, to which conversations are handed together. */
export function DeskGroups({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/desk-groups', { site: site.id });
  const { data, error: failed, mutate } = useAnswer(path);
  const { data: { members } = { members: [] } } = useAnswer(
    at('/api/sites/{site}/members', { site: site.id }),
  );
  const [changed, setChanged] = useState<DeskGroup[] | null>(null);
  const { error, busy, attempt } = useAttempt();
  const groups = changed ?? data?.groups ?? [];
  const change = (id: string, changes: Partial<DeskGroup>) =>
    setChanged(groups.map((one) => (one.id === id ? { ...one, ...changes } : one)));
  const save = () =>
    attempt(async () => {
      await mutate(await put(path, { groups }), { revalidate: false });
      setChanged(null);
    });
  return (
    <Panel title="Desk groups">
      <Stack gap="4" align="stretch">
        <Text color="slate">
          A conversation can be handed to a group, at the desk or by an automation of a chat. Whoever of it
          answers first takes it on.
        </Text>
        {failed && <ErrorNote error={failed} />}
        {groups.map(({ id, name, members: own }) => (
          <Box key={id} as="fieldset" borderTopWidth="1px" pt="3" aria-label={name || 'New group'}>
            <Flex gap="3" align="end">
              <Field.Root>
                <Field.Label>Name</Field.Label>
                <Input
                  size="sm"
                  maxLength={60}
                  value={name}
                  onChange={({ target }) => change(id, { name: target.value })}
                />
              </Field.Root>
              <TwiceButton
                label="Remove"
                again="Remove group"
                busy={false}
                onPress={() => setChanged(groups.filter((one) => one.id !== id))}
              />
            </Flex>
            <Flex gap="4" wrap="wrap" mt="3">
              {members.map((member) => (
                <Checkbox.Root
                  key={member.id}
                  size="sm"
                  checked={own.includes(member.id)}
                  onCheckedChange={({ checked }) =>
                    change(id, {
                      members:
                        checked === true ? [...own, member.id] : own.filter((one) => one !== member.id),
                    })
                  }
                >
                  <Checkbox.HiddenInput />
                  <Checkbox.Control />
                  <Checkbox.Label>{member.name}</Checkbox.Label>
                </Checkbox.Root>
              ))}
            </Flex>
          </Box>
        ))}
        <Flex gap="2">
          <Button
            size="sm"
            variant="outline"
            colorPalette="plain"
            disabled={!data}
            onClick={() => setChanged([...groups, { id: newId(), name: '', members: [] }])}
          >
            Add group
          </Button>
          {changed && (
            <>
              <Button
                size="sm"
                colorPalette="signal"
                loading={busy}
                disabled={groups.some(({ name }) => name.trim() === '')}
                onClick={() => inBackground(save())}
              >
                Save
              </Button>
              <Button size="sm" variant="outline" colorPalette="plain" onClick={() => setChanged(null)}>
                Cancel
              </Button>
            </>
          )}
        </Flex>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
