import { Flex, Input, Text } from '@chakra-ui/react';
import { placementDefinitions } from '@sirene/core/document/placement';
import { purposes } from '@sirene/core/library/starters';
import { useMemo, useState } from 'react';
import { useSite } from '../app/session.ts';
import { at, useAnswer } from '../shared/api/index.ts';
import { Choice } from '../shared/Choice.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { count, pathOf } from '../shared/format.ts';
import { Page } from '../shared/Page.tsx';
import { kindNames } from '../widgets/kinds.ts';
import { dressed, dressNames, type Dress } from '../shared/dressed.ts';
import { BeginDialog } from './BeginDialog.tsx';
import { everything, fitting, gallery, sortings, type Shown, type Wanted } from './gallery.ts';
import { StarterGrid } from './StarterGrid.tsx';

const placements = Object.fromEntries(
  Object.entries(placementDefinitions).map(([type, { label }]) => [type, label]),
);

/** Ready-made widgets to begin from, each a true preview in the site's brand. */
export function StartersPage() {
  const { site } = useSite();
  const { data: brand, error } = useAnswer(site && at('/api/sites/{site}/brand', { site: site.id }));
  const { data: own } = useAnswer(site && at('/api/sites/{site}/starters', { site: site.id }));
  const [wanted, setWanted] = useState<Wanted>(everything);
  const [chosen, setChosen] = useState<Shown | null>(null);
  const [dress, setDress] = useState<Dress>('');
  const [page, setPage] = useState('');
  const { data: pages } = useAnswer(site && at('/api/sites/{site}/pages', { site: site.id }));
  const [now] = useState(Date.now);
  const all = useMemo(
    () => own && gallery(own, { now, zone: Intl.DateTimeFormat().resolvedOptions().timeZone }),
    [own, now],
  );
  const found = useMemo(() => all && fitting(all, wanted), [all, wanted]);
  const want = (change: Partial<Wanted>) => setWanted((before) => ({ ...before, ...change }));
  return (
    <Page title="Starters">
      {error ? <ErrorNote error={error} /> : null}
      <Text color="slate" mb="4" mt="-3">
        Ready-made widgets to start from, in the brand of {site?.name ?? 'the site'}.
      </Text>
      <Flex gap="3" mb="4" wrap="wrap" align="center">
        <Input
          type="search"
          size="sm"
          bg="sheet"
          maxW="150px"
          aria-label="Search starters"
          placeholder="Search"
          value={wanted.words}
          onChange={(event) => want({ words: event.target.value })}
        />
        <Choice
          label="Purpose"
          size="sm"
          width="150px"
          value={wanted.purpose}
          options={{ '': 'All purposes', ...purposes }}
          onChange={(purpose) => want({ purpose })}
        />
        <Choice
          label="Type"
          size="sm"
          width="120px"
          value={wanted.kind}
          options={{ '': 'All types', ...kindNames }}
          onChange={(kind) => want({ kind })}
        />
        <Choice
          label="Placement"
          size="sm"
          width="150px"
          value={wanted.placement}
          options={{ '': 'All placements', ...placements }}
          onChange={(placement) => want({ placement })}
        />
        {pages && pages.length > 0 && (
          <Choice
            label="Page"
            size="sm"
            width="160px"
            value={page}
            options={{
              '': 'On no page',
              ...Object.fromEntries(pages.map(({ id, address }) => [id, `On ${pathOf(address)}`])),
            }}
            onChange={setPage}
          />
        )}
        <Choice
          label="Direction"
          size="sm"
          width="140px"
          value={dress}
          options={{ '': 'As designed', ...dressNames }}
          onChange={(next) => setDress(next as Dress)}
        />
        <Choice
          label="Sort"
          size="sm"
          width="120px"
          value={wanted.sorting}
          options={sortings}
          onChange={(sorting) => want({ sorting: sorting as Wanted['sorting'] })}
        />
        <Text color="slate" role="status" ml="auto">
          {found && `${count(found.length)} ${found.length === 1 ? 'starter' : 'starters'}`}
        </Text>
      </Flex>
      {found?.length === 0 && (
        <Text bg="sheet" borderWidth="1px" rounded="md" p="8" textAlign="center" color="slate">
          No starters found. Remove a filter, or begin with an empty widget.
        </Text>
      )}
      {found && brand && (
        <StarterGrid starters={found} brand={brand} dress={dress} page={page} onChoose={setChosen} />
      )}
      {chosen && brand && site && (
        <BeginDialog
          starter={{ ...chosen, document: dressed(chosen.document, dress, brand) }}
          brand={brand}
          site={site}
          onClose={() => setChosen(null)}
        />
      )}
    </Page>
  );
}
