import { Button, Field, Grid, Input, Stack, Text, Textarea } from '@chakra-ui/react';
import { numberIn, seriesProblem } from '@sirene/core/invoice';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { at, put, type InvoiceSettings, type Site } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { CurrencySelect } from '../../shared/CurrencySelect.tsx';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { Sheet } from '../../shared/Sheet.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { ItemHeadings, ItemRow } from './ItemRow.tsx';
import { NumberField } from './NumberField.tsx';
import { PartyFields } from './PartyFields.tsx';

/** How a site writes its invoices: who sells, how they are numbered, and what lines are taken from. */
export function SettingsSheet({
  site,
  settings,
  onChange,
  onClose,
}: {
  site: Site;
  settings: InvoiceSettings;
  onChange(): void;
  onClose(): void;
}) {
  const [edited, setEdited] = useState(settings);
  const { error, busy, attempt } = useAttempt();
  const set = (change: Partial<InvoiceSettings>) => setEdited({ ...edited, ...change });
  const problem = seriesProblem(edited.series);
  const { seller } = edited;
  const save = async () => {
    const done = await attempt(() =>
      put(at('/api/sites/{site}/invoice-settings', { site: site.id }), edited),
    );
    if (!done) return;
    onChange();
    onClose();
  };
  return (
    <Sheet
      title="Invoice settings"
      onClose={onClose}
      onSubmit={() => problem === null && inBackground(save())}
      foot={
        <Button type="submit" colorPalette="signal" loading={busy} disabled={problem !== null}>
          Save
        </Button>
      }
    >
      <Stack gap="5">
        <Text fontWeight="600">Seller</Text>
        <PartyFields party={seller} onChange={(next) => set({ seller: next })} />
        <Field.Root>
          <Field.Label>IBAN</Field.Label>
          <Input
            size="sm"
            maxLength={34}
            value={seller.iban}
            onChange={({ target }) =>
              set({ seller: { ...seller, iban: target.value.toUpperCase().replace(/\s/g, '') } })
            }
          />
        </Field.Root>
        <Field.Root>
          <Field.Label>Why no tax is due, where the rate is 0 %</Field.Label>
          <Input
            size="sm"
            maxLength={300}
            value={seller.exemption}
            onChange={({ target }) => set({ seller: { ...seller, exemption: target.value } })}
          />
        </Field.Root>
        <Field.Root>
          <Field.Label>Footer</Field.Label>
          <Textarea
            size="sm"
            rows={2}
            maxLength={1000}
            value={seller.foot}
            onChange={({ target }) => set({ seller: { ...seller, foot: target.value } })}
          />
        </Field.Root>
        <Text fontWeight="600">Numbers</Text>
        <Grid templateColumns="1fr auto auto auto" gap="3" alignItems="end">
          <Field.Root invalid={problem !== null}>
            <Field.Label>Number series</Field.Label>
            <Input
              size="sm"
              fontFamily="mono"
              maxLength={40}
              value={edited.series}
              onChange={({ target }) => set({ series: target.value })}
            />
          </Field.Root>
          <Field.Root>
            <Field.Label>Next number</Field.Label>
            <NumberField
              label="Next number"
              value={edited.next}
              onChange={(next) => set({ next: Math.max(1, Math.round(next)) })}
            />
          </Field.Root>
          <Field.Root>
            <Field.Label>Due after (days)</Field.Label>
            <NumberField
              label="Due after (days)"
              value={edited.dueDays}
              onChange={(days) => set({ dueDays: Math.min(365, Math.max(0, Math.round(days))) })}
            />
          </Field.Root>
          <Field.Root>
            <Field.Label>Currency</Field.Label>
            <CurrencySelect
              width="90px"
              value={edited.currency}
              onChange={(next) => set({ currency: next })}
            />
          </Field.Root>
        </Grid>
        <Text color={problem === null ? 'slate' : 'wine'} fontSize="13px">
          {problem === null
            ? `The next invoice is ${numberIn(edited.series, edited.next, new Date().getFullYear())}. {number:4} is the number with four digits, {year} the year.`
            : `The number series ${problem}.`}
        </Text>
        <Text fontWeight="600">Catalogue</Text>
        {edited.items.length > 0 && <ItemHeadings />}
        <Stack as="ul" gap="2" listStyleType="none" aria-label="Catalogue">
          {edited.items.map((item, position) => (
            <ItemRow
              key={position}
              name={`Item ${position + 1}`}
              item={item}
              currency={edited.currency}
              onChange={(next) => set({ items: edited.items.with(position, next) })}
              onRemove={() => set({ items: edited.items.toSpliced(position, 1) })}
            />
          ))}
        </Stack>
        <Button
          type="button"
          size="xs"
          variant="outline"
          colorPalette="plain"
          alignSelf="start"
          disabled={edited.items.length >= 200}
          onClick={() =>
            set({
              items: [
                ...edited.items,
                { name: '', unit: 'C62', price: 0, rate: edited.items.at(-1)?.rate ?? 0 },
              ],
            })
          }
        >
          <Plus size={13} aria-hidden />
          Add item
        </Button>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Sheet>
  );
}
