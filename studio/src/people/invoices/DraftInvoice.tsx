import { Button, Field, Flex, Input, NativeSelect, Stack, Text, Textarea } from '@chakra-ui/react';
import { ExternalLink, Plus } from 'lucide-react';
import { useState } from 'react';
import {
  at,
  post,
  put,
  remove,
  type Invoice,
  type InvoiceSettings,
  type Site,
} from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { CurrencySelect } from '../../shared/CurrencySelect.tsx';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { InvoiceTotalsView } from './InvoiceTotalsView.tsx';
import { ItemHeadings, ItemRow } from './ItemRow.tsx';
import { NumberField } from './NumberField.tsx';
import { PartyFields } from './PartyFields.tsx';

type Line = Invoice['lines'][number];

/** An invoice that has no number yet: all of it can be changed. */
export function DraftInvoice({
  site,
  invoice,
  settings,
  onChange,
}: {
  site: Site;
  invoice: Invoice;
  settings: InvoiceSettings;
  onChange(): void;
}) {
  const { buyer, lines, currency, dueOn, note } = invoice;
  const [edited, setEdited] = useState({ buyer, lines, currency, dueOn, note });
  const [isAsked, setAsked] = useState(false);
  const { error, busy, attempt } = useAttempt();
  const which = { site: site.id, invoice: invoice.id };
  const set = (change: Partial<typeof edited>) => setEdited({ ...edited, ...change });
  const setLine = (position: number, line: Line) => set({ lines: edited.lines.with(position, line) });
  const then = (work: () => Promise<unknown>) =>
    inBackground(attempt(work).then((done) => (done ? onChange() : undefined)));
  const save = () => put(at('/api/sites/{site}/invoices/{invoice}', which), edited);
  const isWhole = edited.lines.length > 0 && edited.lines.every(({ name }) => name.trim() !== '');
  return (
    <Stack gap="5">
      <PartyFields party={edited.buyer} onChange={(next) => set({ buyer: next })} />
      <Stack gap="2">
        <Text fontWeight="500">Lines</Text>
        {edited.lines.length > 0 && <ItemHeadings quantity />}
        <Stack as="ul" gap="2" listStyleType="none" aria-label="Lines">
          {edited.lines.map((line, position) => (
            <ItemRow
              key={position}
              name={`Line ${position + 1}`}
              item={line}
              currency={edited.currency}
              onChange={(next) => setLine(position, next)}
              onRemove={() => set({ lines: edited.lines.toSpliced(position, 1) })}
            >
              <NumberField
                label={`Line ${position + 1}: quantity`}
                width="64px"
                value={line.quantity}
                onChange={(quantity) => setLine(position, { ...line, quantity })}
              />
            </ItemRow>
          ))}
        </Stack>
        <Flex gap="2" wrap="wrap">
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            onClick={() => {
              const rate = edited.lines.at(-1)?.rate ?? settings.items[0]?.rate ?? 0;
              set({ lines: [...edited.lines, { name: '', unit: 'C62', quantity: 1, price: 0, rate }] });
            }}
          >
            <Plus size={13} aria-hidden />
            Add line
          </Button>
          {settings.items.length > 0 && (
            <NativeSelect.Root size="xs" w="220px">
              <NativeSelect.Field
                aria-label="Add from the catalogue"
                value=""
                onChange={({ target }) => {
                  const item = settings.items[Number(target.value)];
                  if (item) set({ lines: [...edited.lines, { ...item, quantity: 1 }] });
                }}
              >
                <option value="">Add from the catalogue</option>
                {settings.items.map(({ name }, position) => (
                  <option key={position} value={position}>
                    {name}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          )}
        </Flex>
        <InvoiceTotalsView lines={edited.lines} currency={edited.currency} />
      </Stack>
      <Flex gap="3">
        <Field.Root>
          <Field.Label>Due</Field.Label>
          <Input
            size="sm"
            type="date"
            value={edited.dueOn}
            onChange={({ target }) => target.value && set({ dueOn: target.value })}
          />
        </Field.Root>
        <Field.Root>
          <Field.Label>Currency</Field.Label>
          <CurrencySelect value={edited.currency} onChange={(next) => set({ currency: next })} />
        </Field.Root>
      </Flex>
      <Field.Root>
        <Field.Label>Note</Field.Label>
        <Textarea
          size="sm"
          rows={2}
          maxLength={2000}
          value={edited.note}
          onChange={({ target }) => set({ note: target.value })}
        />
      </Field.Root>
      {error !== null && <ErrorNote error={error} />}
      <Flex gap="2" wrap="wrap">
        <Button size="sm" colorPalette="signal" loading={busy} onClick={() => then(save)}>
          Save draft
        </Button>
        <Button
          size="sm"
          variant="outline"
          colorPalette="plain"
          disabled={!isWhole || busy}
          onBlur={() => setAsked(false)}
          onClick={() =>
            isAsked
              ? then(async () => {
                  await save();
                  await post(at('/api/sites/{site}/invoices/{invoice}/issue', which));
                })
              : setAsked(true)
          }
        >
          {isAsked ? 'Issue it; it can’t be changed after that' : 'Issue'}
        </Button>
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <a
            href={at('/api/sites/{site}/invoices/{invoice}/invoice.pdf', which)}
            target="_blank"
            rel="noreferrer"
          >
            <ExternalLink size={14} aria-hidden />
            PDF of the saved draft
          </a>
        </Button>
        <Button
          size="sm"
          variant="ghost"
          colorPalette="plain"
          onClick={() => then(() => remove(at('/api/sites/{site}/invoices/{invoice}', which)))}
        >
          Discard draft
        </Button>
      </Flex>
    </Stack>
  );
}
