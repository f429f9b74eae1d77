import { Flex, Stack, Text } from '@chakra-ui/react';
import { invoiceTotals } from '@sirene/core/invoice';
import type { Invoice } from '../../shared/api/index.ts';
import { worth } from '../../shared/worth.ts';

/** What an invoice comes to, as core adds it up for its PDF and its XML too. */
export function InvoiceTotalsView({ lines, currency }: Pick<Invoice, 'lines' | 'currency'>) {
  const { net, taxes, gross } = invoiceTotals(lines);
  const row = (label: string, units: number, isSum = false) => (
    <Flex key={label} justify="space-between" gap="6" fontWeight={isSum ? '600' : undefined}>
      <Text>{label}</Text>
      <Text fontVariantNumeric="tabular-nums">{worth(units, currency)}</Text>
    </Flex>
  );
  return (
    <Stack gap="1" alignSelf="end" minW="260px">
      {row('Sum without tax', net)}
      {taxes
        .filter(({ rate }) => rate > 0)
        .map(({ rate, tax, net: of }) => row(`${rate} % tax on ${worth(of, currency)}`, tax))}
      {row('To pay', gross, true)}
    </Stack>
  );
}
