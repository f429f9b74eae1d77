import { Button, Flex, Spinner, Stack, Text } from '@chakra-ui/react';
import { mergeTokens, completeBrand } from '@sirene/core/style';
import type { Proposal } from '@sirene/core/library/proposal';
import useSWR from 'swr';
import { ProposalView } from '../brand/ProposalView.tsx';
import { get, post, put, type Brand, type Site, type StoredPage } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

const once = { revalidateOnFocus: false, revalidateOnReconnect: false, shouldRetryOnError: false };

/** A brand proposed from the site's home page, to be taken or left. */
export function BrandStep({ site, onDone }: { site: Site; onDone(): void }) {
  const path = `/api/sites/${site.id}/brand`;
  const { data: brand } = useSWR(path, get<Brand>, once);
  const { data: pages } = useSWR(`/api/sites/${site.id}/pages`, get<StoredPage[]>, once);
  const address = pages?.[0]?.address ?? `${site.origins[0] ?? ''}/`;
  const { data: found, error } = useSWR(
    pages && ['proposal', site.id, address],
    () => post<Proposal>(`${path}/proposal`, { address }),
    once,
  );
  const { error: refused, busy, attempt } = useAttempt();
  const proposed =
    brand && found ? completeBrand({ ...brand, tokens: mergeTokens(brand.tokens, found.tokens) }) : null;
  const use = () =>
    attempt(async () => {
      await put(path, { ...proposed, replacements: {} });
      onDone();
    });
  return (
    <Stack gap="4">
      <Text color="slate">
        Colours, fonts and corners as they are used on {address}. Everything can be changed later, under
        Brand.
      </Text>
      {!found && !error && (
        <Flex gap="2" align="center" role="status">
          <Spinner size="sm" /> Reading the page
        </Flex>
      )}
      {found && proposed && <ProposalView found={found} brand={proposed} />}
      {error !== undefined && <ErrorNote error={error} />}
      {refused !== null && <ErrorNote error={refused} />}
      <Flex gap="2">
        <Button colorPalette="signal" disabled={!proposed} loading={busy} onClick={() => void use()}>
          Use this brand
        </Button>
        <Button variant="outline" colorPalette="plain" onClick={onDone}>
          Skip
        </Button>
      </Flex>
    </Stack>
  );
}
