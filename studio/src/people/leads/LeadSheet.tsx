import { Button, Field, Flex, Grid, Input, NativeSelect, Stack, Text } from '@chakra-ui/react';
import { majorUnits, minorUnits } from '@sirene/core/base/money';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { at, type Board, type BoardLead, patch, remove, type Site } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { CurrencySelect } from '../../shared/CurrencySelect.tsx';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { dateTime } from '../../shared/format.ts';
import { Sheet } from '../../shared/Sheet.tsx';
import { whoIs } from '../WhoButton.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';

interface Props {
  site: Site;
  lead: BoardLead;
  board: Board;
  onChange(): void;
  onClose(): void;
}

/** A lead, to be changed: where it stands, what it is worth, whose it is and when it is due. */
export function LeadSheet({ site, lead, board, onChange, onClose }: Props) {
  const path = at('/api/sites/{site}/leads/{lead}', { site: site.id, lead: lead.id });
  const [title, setTitle] = useState(lead.title);
  const [stage, setStage] = useState(lead.stage);
  const [value, setValue] = useState(
    lead.units === null ? '' : String(majorUnits(lead.units, lead.currency)),
  );
  const [currency, setCurrency] = useState(lead.currency);
  const [owner, setOwner] = useState(lead.owner ?? '');
  const [dueOn, setDueOn] = useState(lead.dueOn ?? '');
  const { error, busy, attempt } = useAttempt();
  const amount = value.trim() === '' ? null : Number(value.replace(',', '.'));
  const isValue = amount === null || (Number.isFinite(amount) && amount >= 0 && amount < 1e10);
  const leave = async (work: () => Promise<unknown>) => {
    if (!(await attempt(work))) return;
    onChange();
    onClose();
  };
  const save = () =>
    leave(() =>
      patch(path, {
        title,
        stage,
        currency,
        units: amount === null ? null : minorUnits(amount, currency),
        owner: owner || null,
        dueOn: dueOn || null,
      }),
    );
  return (
    <Sheet
      title="Lead"
      onClose={onClose}
      onSubmit={() => isValue && title.trim() !== '' && inBackground(save())}
      foot={
        <Button type="submit" colorPalette="signal" loading={busy} disabled={!isValue || title.trim() === ''}>
          Save
        </Button>
      }
    >
      <Stack gap="4">
        <Field.Root>
          <Field.Label>What it is about</Field.Label>
          <Input maxLength={200} value={title} onChange={({ target }) => setTitle(target.value)} />
        </Field.Root>
        <Text>
          <RouterLink to={`/people/persons?person=${lead.person.id}`}>
            <Text as="span" color="deep" textDecoration="underline">
              {whoIs(lead.person)}
            </Text>
          </RouterLink>
          {lead.submission && (
            <>
              {' · '}
              <RouterLink to={`/people?submission=${lead.submission}`}>
                <Text as="span" color="deep" textDecoration="underline">
                  Submission
                </Text>
              </RouterLink>
            </>
          )}
          <Text as="span" color="slate">
            {' '}
            · since {dateTime(lead.createdAt)}
          </Text>
        </Text>
        <Grid templateColumns="1fr 1fr" gap="4">
          <Choice label="Stage" value={stage} onChange={setStage} options={board.stages} />
          <Choice
            label="Owner"
            value={owner}
            onChange={setOwner}
            options={[{ id: '', name: 'Nobody' }, ...board.members]}
          />
          <Field.Root invalid={!isValue}>
            <Field.Label>Value</Field.Label>
            <Flex gap="2" w="full">
              <Input inputMode="decimal" value={value} onChange={({ target }) => setValue(target.value)} />
              <CurrencySelect
                label="Currency"
                size="md"
                width="96px"
                value={currency}
                onChange={setCurrency}
              />
            </Flex>
            <Field.ErrorText>Enter a number, such as 120.50.</Field.ErrorText>
          </Field.Root>
          <Field.Root>
            <Field.Label>Due</Field.Label>
            <Input type="date" value={dueOn} onChange={({ target }) => setDueOn(target.value)} />
          </Field.Root>
        </Grid>
        {error !== null && <ErrorNote error={error} />}
        <Button
          type="button"
          size="xs"
          variant="outline"
          colorPalette="plain"
          alignSelf="start"
          onClick={() => inBackground(leave(() => remove(path)))}
        >
          Remove this lead
        </Button>
      </Stack>
    </Sheet>
  );
}

function Choice({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly { id: string; name: string }[];
  onChange(value: string): void;
}) {
  return (
    <Field.Root>
      <Field.Label>{label}</Field.Label>
      <NativeSelect.Root>
        <NativeSelect.Field value={value} onChange={({ target }) => onChange(target.value)}>
          {options.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Field.Root>
  );
}
