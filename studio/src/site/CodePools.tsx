import { Button, Field, Flex, Input, Stack, Table, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { at, post, remove, type Site, useAnswer } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { count } from '../shared/format.ts';
import { Panel } from '../shared/Panel.tsx';
import { inBackground } from '../shared/background.ts';
import { useAttempt } from '../shared/use-attempt.ts';

/** Codes that are given out once each: in pools, of which a widget's code element names one. */
export function CodePools({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/codes', { site: site.id });
  const { data = [], mutate } = useAnswer(path);
  const { error, attempt } = useAttempt();
  const [pool, setPool] = useState('');
  const [text, setText] = useState('');
  const [added, setAdded] = useState<string | null>(null);
  // What is deleted is gone, so it is asked for twice.
  const [asked, setAsked] = useState<string | null>(null);
  const codes = text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  const add = () =>
    attempt(async () => {
      const told = await post(path, { pool: pool.trim(), codes });
      setAdded(`${count(told.added)} added, ${count(codes.length - told.added)} were there already.`);
      setText('');
      await mutate();
    });
  const drop = (name: string) =>
    attempt(async () => {
      await remove(at('/api/sites/{site}/codes/{pool}', { site: site.id, pool: name }));
      await mutate();
    });
  return (
    <Panel title="Code pools">
      <Stack gap="4" align="stretch">
        <Text color="slate">
          A code element can give each visitor a code of their own. Every code of a pool is given out once.
        </Text>
        {data.length > 0 && (
          <Table.Root size="sm">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Pool</Table.ColumnHeader>
                <Table.ColumnHeader textAlign="end">Left</Table.ColumnHeader>
                <Table.ColumnHeader textAlign="end">Given out</Table.ColumnHeader>
                <Table.ColumnHeader />
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {data.map(({ pool: name, total, given }) => (
                <Table.Row key={name}>
                  <Table.Cell>{name}</Table.Cell>
                  <Table.Cell textAlign="end">{count(total - given)}</Table.Cell>
                  <Table.Cell textAlign="end">{count(given)}</Table.Cell>
                  <Table.Cell textAlign="end">
                    <Button
                      size="2xs"
                      variant="outline"
                      colorPalette="plain"
                      aria-label={asked === name ? `Delete ${name} for ever` : `Delete ${name}`}
                      onBlur={() => setAsked(null)}
                      onClick={() => (asked === name ? inBackground(drop(name)) : setAsked(name))}
                    >
                      {asked === name ? `Delete all ${count(total)} codes` : 'Delete'}
                    </Button>
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        )}
        <Field.Root>
          <Field.Label>Pool</Field.Label>
          <Input
            size="sm"
            maxW="320px"
            maxLength={40}
            list="code-pools"
            value={pool}
            onChange={({ target }) => setPool(target.value)}
          />
        </Field.Root>
        <datalist id="code-pools">
          {data.map(({ pool: name }) => (
            <option key={name} value={name} />
          ))}
        </datalist>
        <Field.Root>
          <Field.Label>Codes, one per line</Field.Label>
          <Textarea
            size="sm"
            rows={4}
            fontFamily="mono"
            value={text}
            onChange={({ target }) => setText(target.value)}
          />
        </Field.Root>
        <Flex gap="3" align="center">
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            disabled={pool.trim() === '' || codes.length === 0}
            onClick={() => inBackground(add())}
          >
            Add {codes.length === 1 ? '1 code' : `${count(codes.length)} codes`}
          </Button>
          {added && (
            <Text role="status" color="slate">
              {added}
            </Text>
          )}
        </Flex>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
