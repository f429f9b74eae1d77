import { Field, Input, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, useAnswer, withQuery } from '../../shared/api/index.ts';
import { count } from '../../shared/format.ts';
import { Choice } from '../../shared/Choice.tsx';
import { Row } from '../../shared/Row.tsx';
import { useDocument, useEditing } from '../state/editing.ts';

const most = 3650;

/** How long submissions are kept, and what that would delete. */
export function KeepingControls() {
  const { session, widget } = useEditing();
  const { keep } = useDocument().afterwards;
  const [typed, setTyped] = useState<string | null>(null);
  const { data } = useAnswer(
    keep !== undefined &&
      withQuery(at('/api/widgets/{widget}/older-submissions', { widget: widget.id }), { days: keep }),
  );
  const set = (value: number | undefined) =>
    session.apply({ type: 'set', path: ['afterwards', 'keep'], value }, 'keep');
  return (
    <Stack gap="3">
      <Row label="Submissions">
        {(id) => (
          <Choice
            id={id}
            value={keep === undefined ? 'good' : 'days'}
            options={{ good: 'Keep for good', days: 'Delete after some days' }}
            onChange={(next) => set(next === 'days' ? 365 : undefined)}
          />
        )}
      </Row>
      {keep !== undefined && (
        <Field.Root>
          <Field.Label>Days</Field.Label>
          <Input
            size="sm"
            inputMode="numeric"
            w="100px"
            value={typed ?? String(keep)}
            onChange={({ target }) => {
              setTyped(target.value);
              const days = Number(target.value);
              if (Number.isInteger(days) && days >= 1 && days <= most) set(days);
            }}
            onBlur={() => setTyped(null)}
          />
          <Field.HelperText>
            From 1 to {count(most)}. Files, deliveries and spreadsheet rows go with a submission; persons,
            leads, payments and invoices stay.
          </Field.HelperText>
        </Field.Root>
      )}
      {keep !== undefined && data && (
        <Text color={data.older > 0 ? 'brass' : 'slate'} fontSize="13px">
          {data.older > 0
            ? `${count(data.older)} of ${count(data.all)} are older now, and are deleted within an hour of publishing.`
            : `None of ${count(data.all)} is older now.`}
        </Text>
      )}
    </Stack>
  );
}
