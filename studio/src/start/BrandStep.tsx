import { Button, Flex, Spinner, Stack, Text } from '@chakra-ui/react';
import { mergeTokens, completeBrand } from '@sirene/core/style';
import useSWR from 'swr';
import { ProposalView } from '../brand/ProposalView.tsx';
import { at, post, put, type Site, useAnswer } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { inBackground } from '../shared/background.ts';

const once = { revalidateOnFocus: false, revalidateOnReconnect: false, shouldRetryOnError: false };

/** A brand proposed from the site's home page, to be taken or left. */
export function BrandStep({ site, onDone }: { site: Site; onDone(): void }) {
  const path = at('/api/sites/{site}/brand', { site: site.id });
  const { data: brand } = useAnswer(path, once);
  const { data: pages } = useAnswer(at('/api/sites/{site}/pages', { site: site.id }), once);
  const address = pages?.[0]?.address ?? `${site.origins[0] ?? ''}/`;
  const { data: found, error } = useSWR(
    pages && ['proposal', site.id, address],
    () => post(at('/api/sites/{site}/brand/proposal', { site: site.id }), { address }),
    once,
  );
  const { error: refused, busy, attempt } = useAttempt();
  const proposed =
    brand && found ? completeBrand({ ...brand, tokens: mergeTokens(brand.tokens, found.tokens) }) : null;
  const use = () =>
    attempt(async () => {
      if (proposed) await put(path, { ...proposed, replacements: {} });
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
        <Button colorPalette="signal" disabled={!proposed} loading={busy} onClick={() => inBackground(use())}>
          Use this brand
        </Button>
        <Button variant="outline" colorPalette="plain" onClick={onDone}>
          Skip
        </Button>
      </Flex>
    </Stack>
  );
}
