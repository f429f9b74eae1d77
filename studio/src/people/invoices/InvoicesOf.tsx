import { Button, Flex, Text } from '@chakra-ui/react';
import { invoiceTotals } from '@sirene/core/invoice';
import { Plus } from 'lucide-react';
import { Link as RouterLink, useNavigate } from 'react-router';
import { at, type Person, post, type Site, useAnswer, withQuery } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { worth } from '../../shared/worth.ts';
import { InvoiceState } from './InvoiceState.tsx';

/** The invoices of a person, and a way to begin another. */
export function InvoicesOf({ site, person }: { site: Site; person: Person }) {
  const path = at('/api/sites/{site}/invoices', { site: site.id });
  const { data = [] } = useAnswer(withQuery(path, { person: person.id }));
  const { error, busy, attempt } = useAttempt();
  const navigate = useNavigate();
  const create = () =>
    attempt(async () => {
      const { id } = await post(path, { person: person.id });
      await navigate(`/people/invoices?invoice=${id}`);
    });
  return (
    <>
      {data.map((invoice) => (
        <Flex key={invoice.id} justify="space-between" gap="3">
          <RouterLink to={`/people/invoices?invoice=${invoice.id}`}>
            <Text as="span" color="deep" textDecoration="underline">
              {invoice.number ?? 'Draft'}
            </Text>{' '}
            · {worth(invoiceTotals(invoice.lines).gross, invoice.currency)}
          </RouterLink>
          <InvoiceState invoice={invoice} />
        </Flex>
      ))}
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        loading={busy}
        onClick={() => inBackground(create())}
      >
        <Plus size={13} aria-hidden />
        New invoice
      </Button>
      {error !== null && <ErrorNote error={error} />}
    </>
  );
}
