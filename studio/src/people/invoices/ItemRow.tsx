import { Flex, IconButton, Input, NativeSelect, Text } from '@chakra-ui/react';
import { majorUnits, minorUnits } from '@sirene/core/base/money';
import { invoiceUnits, type InvoiceUnit } from '@sirene/core/invoice';
import { Trash2 } from 'lucide-react';
import type { InvoiceSettings } from '../../shared/api/index.ts';
import { NumberField } from './NumberField.tsx';

export type Item = InvoiceSettings['items'][number];

const widths = { quantity: '64px', unit: '104px', price: '84px', rate: '58px', remove: '24px' } as const;

/** What stands in the columns of the rows below; each control has its own name for those who hear it. */
export function ItemHeadings({ quantity = false }: { quantity?: boolean }) {
  return (
    <Flex gap="1.5" color="slate" fontSize="13px" aria-hidden>
      <Text flex="1">Item</Text>
      {quantity && (
        <Text w={widths.quantity} textAlign="end">
          Quantity
        </Text>
      )}
      <Text w={widths.unit}>Unit</Text>
      <Text w={widths.price} textAlign="end">
        Price
      </Text>
      <Text w={widths.rate} textAlign="end">
        Tax %
      </Text>
      <Text w={widths.remove} />
    </Flex>
  );
}

/** What is sold, in what, for how much, and at which rate of tax. */
export function ItemRow<I extends Item>({
  name,
  item,
  currency,
  children,
  onChange,
  onRemove,
}: {
  /** What it is called: "Line 2". */
  name: string;
  item: I;
  currency: string;
  /** What else stands in its row. */
  children?: React.ReactNode;
  onChange(item: I): void;
  onRemove(): void;
}) {
  return (
    <Flex as="li" gap="1.5" align="center">
      <Input
        size="sm"
        aria-label={`${name}: what`}
        placeholder="What it is"
        maxLength={300}
        minW="120px"
        value={item.name}
        onChange={({ target }) => onChange({ ...item, name: target.value })}
      />
      {children}
      <NativeSelect.Root size="sm" w={widths.unit} flex="none">
        <NativeSelect.Field
          aria-label={`${name}: unit`}
          value={item.unit}
          onChange={({ target }) => onChange({ ...item, unit: target.value as InvoiceUnit })}
        >
          {Object.entries(invoiceUnits).map(([unit, label]) => (
            <option key={unit} value={unit}>
              {label}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
      <NumberField
        label={`${name}: price for one, without tax`}
        value={majorUnits(item.price, currency)}
        onChange={(price) => onChange({ ...item, price: minorUnits(price, currency) })}
      />
      <NumberField
        label={`${name}: tax rate, percent`}
        width={widths.rate}
        value={item.rate}
        onChange={(rate) => onChange({ ...item, rate })}
      />
      <IconButton
        size="2xs"
        type="button"
        variant="ghost"
        colorPalette="plain"
        aria-label={`Remove ${item.name || name.toLowerCase()}`}
        onClick={onRemove}
      >
        <Trash2 size={14} aria-hidden />
      </IconButton>
    </Flex>
  );
}
