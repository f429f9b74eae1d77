import { Box, Button, Code, Field, Flex, Heading, Stack, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import useSWR, { mutate as mutateAll } from 'swr';
import { useSite } from '../app/session.ts';
import { ApiError, get, patch, type Install, type Site } from '../shared/api.ts';
import { CopyButton } from '../shared/CopyButton.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago, exactTime } from '../shared/format.ts';
import { Page } from '../shared/Page.tsx';
import { StateMark } from '../shared/StateMark.tsx';

/** How the site is connected: the script tag, whether it runs, and which pages may show widgets. */
export function SitePage() {
  const { site } = useSite();
  return (
    <Page title="Site">
      {site && (
        <Stack gap="4" maxW="820px">
          <Script site={site} />
          <Origins key={site.id} site={site} />
        </Stack>
      )}
    </Page>
  );
}

function Sheet({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box as="section" bg="sheet" borderWidth="1px" rounded="md" p="6">
      <Heading as="h2" fontSize="17px" fontWeight="600" mb="3">
        {title}
      </Heading>
      {children}
    </Box>
  );
}

function Script({ site }: { site: Site }) {
  const { data } = useSWR(`/api/sites/${site.id}/install`, get<Install>, { refreshInterval: 3000 });
  const tag = `<script async src="${location.origin}/embed.js" data-site="${site.key}"></script>`;
  return (
    <Sheet title="Script tag">
      <Stack gap="4">
        <Text color="slate">
          Put this once into the head of every page of {site.name}. Publishing a widget never needs it
          changed.
        </Text>
        <Flex gap="3" align="center" bg="wash" p="3" rounded="md">
          <Code
            bg="transparent"
            fontFamily="mono"
            fontSize="13px"
            flex="1"
            whiteSpace="pre-wrap"
            wordBreak="break-all"
          >
            {tag}
          </Code>
          <CopyButton text={tag} label="Copy" />
        </Flex>
        {data?.connected && data.at !== null && (
          <Box>
            <StateMark tone="good">Connected</StateMark>
            <Text mt="1" title={exactTime(data.at)}>
              The script was last seen {ago(data.at)}, on {data.page}
            </Text>
          </Box>
        )}
        {data && !data.connected && (
          <Box>
            <StateMark tone="waiting">Not detected yet</StateMark>
            <Text mt="1">Open a page of the site that holds the tag; this changes within seconds.</Text>
          </Box>
        )}
      </Stack>
    </Sheet>
  );
}

function Origins({ site }: { site: Site }) {
  const [text, setText] = useState(site.origins.join('\n'));
  const [error, setError] = useState<ApiError | null>(null);
  const [saved, setSaved] = useState(false);
  const origins = text.split(/\s+/).filter(Boolean);
  const changed = origins.join() !== site.origins.join();
  const save = async () => {
    setError(null);
    try {
      await patch(`/api/sites/${site.id}`, { origins });
      await mutateAll('/api/sites');
      setSaved(true);
    } catch (failure) {
      setError(failure as ApiError);
    }
  };
  return (
    <Sheet title="Allowed origins">
      <Stack gap="4">
        <Field.Root invalid={!!error}>
          <Field.Label>Pages of these origins may show the site’s widgets</Field.Label>
          <Textarea
            fontFamily="mono"
            fontSize="13px"
            rows={4}
            value={text}
            onChange={(event) => {
              setText(event.target.value);
              setSaved(false);
            }}
          />
          <Field.HelperText>
            One per line, such as https://www.place.example, without a path. All other pages are refused.
          </Field.HelperText>
        </Field.Root>
        {error && <ErrorNote error={error} />}
        <Flex gap="3" align="center">
          <Button size="sm" colorPalette="signal" disabled={!changed} onClick={() => void save()}>
            Save origins
          </Button>
          {saved && !changed && <StateMark tone="good">Saved</StateMark>}
        </Flex>
      </Stack>
    </Sheet>
  );
}
