import { Field, Grid, Input } from '@chakra-ui/react';
import type { Invoice } from '../../shared/api/index.ts';

export type Party = Invoice['buyer'];

const fields = [
  ['name', 'Name', 2, 200],
  ['street', 'Street', 2, 200],
  ['postcode', 'Postcode', 1, 20],
  ['city', 'City', 1, 100],
  ['country', 'Country code', 1, 2],
  ['taxId', 'VAT number', 1, 20],
  ['email', 'E-mail address', 2, 254],
] as const;

/** Who sells or buys. */
export function PartyFields<P extends Party>({ party, onChange }: { party: P; onChange(party: P): void }) {
  return (
    <Grid templateColumns="1fr 1fr" gap="3">
      {fields.map(([key, label, span, max]) => (
        <Field.Root key={key} gridColumn={`span ${span}`}>
          <Field.Label>{label}</Field.Label>
          <Input
            size="sm"
            type={key === 'email' ? 'email' : 'text'}
            maxLength={max}
            value={party[key]}
            onChange={({ target }) =>
              onChange({
                ...party,
                [key]:
                  key === 'country' || key === 'taxId'
                    ? target.value.toUpperCase().replace(/\s/g, '')
                    : target.value,
              })
            }
          />
        </Field.Root>
      ))}
    </Grid>
  );
}
