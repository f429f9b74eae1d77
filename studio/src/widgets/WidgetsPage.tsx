import { Button, Flex, Input, Text } from '@chakra-ui/react';
import { ChartColumn, Grid3x3, LayoutTemplate, List, Plus, Upload } from 'lucide-react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useSite } from '../app/session.ts';
import { at, type Brand, type ListedWidget, useAnswer } from '../shared/api/index.ts';
import { Choice } from '../shared/Choice.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { count } from '../shared/format.ts';
import { Page } from '../shared/Page.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { matching, sortings, states, type Sorting, type State } from './matching.ts';
import { useBringBack } from './bring-back.tsx';
import { WidgetTable } from './WidgetTable.tsx';
import { inBackground } from '../shared/background.ts';

const PagePlan = lazy(async () => ({ default: (await import('./plan/PagePlan.tsx')).PagePlan }));
const TrafficView = lazy(async () => ({ default: (await import('./traffic/TrafficView.tsx')).TrafficView }));
const NewWidget = lazy(async () => ({ default: (await import('./NewWidget.tsx')).NewWidget }));
const ImportWidget = lazy(async () => ({ default: (await import('./ImportWidget.tsx')).ImportWidget }));

const views = [
  { name: 'list', label: 'List', Icon: List },
  { name: 'plan', label: 'Page plan', Icon: Grid3x3 },
  { name: 'traffic', label: 'Traffic', Icon: ChartColumn },
] as const;

/** All widgets of the site: a true preview of each, its rule as one sentence, its state, and what it did lately. */
export function WidgetsPage() {
  const { site, error: siteError } = useSite();
  const path = site && at('/api/sites/{site}/widgets', { site: site.id });
  const { data: widgets, error, mutate } = useAnswer(path);
  const { data: brand } = useAnswer(site && at('/api/sites/{site}/brand', { site: site.id }));
  const [search, setSearch] = useSearchParams();
  const view = views.find(({ name }) => name === search.get('view'))?.name ?? 'list';
  const [making, setMaking] = useState<'new' | 'import' | null>(null);
  const { note, deleted } = useBringBack(() => inBackground(mutate()));
  const failed: unknown = error ?? siteError;
  const aside = (
    <Flex gap="2" wrap="wrap" justify="end">
      <Flex role="group" aria-label="View" gap="0.5" me="2">
        {views.map(({ name, label, Icon }) => (
          <Button
            key={name}
            size="sm"
            variant={name === view ? 'subtle' : 'ghost'}
            colorPalette="plain"
            aria-pressed={name === view}
            onClick={() => setSearch(name === 'list' ? {} : { view: name })}
          >
            <Icon size={15} aria-hidden />
            {label}
          </Button>
        ))}
      </Flex>
      <Button
        size="sm"
        variant="outline"
        colorPalette="plain"
        onClick={() => setMaking('import')}
        disabled={!site}
      >
        <Upload size={15} aria-hidden />
        Import
      </Button>
      <Button asChild size="sm" variant="outline" colorPalette="plain">
        <Link to="/starters">
          <LayoutTemplate size={15} aria-hidden />
          Starters
        </Link>
      </Button>
      <Button colorPalette="signal" size="sm" onClick={() => setMaking('new')} disabled={!site}>
        <Plus size={16} aria-hidden />
        New widget
      </Button>
    </Flex>
  );
  return (
    <Page title="Widgets" aside={aside}>
      {failed ? <ErrorNote error={failed} retry={() => inBackground(mutate())} /> : null}
      {note}
      {widgets?.length === 0 && <NoWidgets />}
      {site && view === 'plan' && (
        <Suspense fallback={<Waiting what="Working out the page plan" />}>
          <PagePlan key={site.id} site={site} />
        </Suspense>
      )}
      {site && view === 'traffic' && (
        <Suspense fallback={<Waiting what="Loading" />}>
          <TrafficView key={site.id} site={site} />
        </Suspense>
      )}
      {view === 'list' && widgets && brand && widgets.length > 0 && (
        <Found widgets={widgets} brand={brand} onChanged={() => inBackground(mutate())} onDeleted={deleted} />
      )}
      <Suspense fallback={null}>
        {site && making === 'new' && <NewWidget site={site} onClose={() => setMaking(null)} />}
        {site && making === 'import' && <ImportWidget site={site} onClose={() => setMaking(null)} />}
      </Suspense>
    </Page>
  );
}

interface FoundProps {
  widgets: readonly ListedWidget[];
  brand: Brand;
  onChanged(): void;
  onDeleted(widget: ListedWidget): void;
}

function Found({ widgets, brand, onChanged, onDeleted }: FoundProps) {
  const [words, setWords] = useState('');
  const [state, setState] = useState<State>('all');
  const [sorting, setSorting] = useState<Sorting>('edited');
  const shown = useMemo(() => matching(widgets, { words, state, sorting }), [widgets, words, state, sorting]);
  return (
    <>
      <Flex gap="3" mb="3" align="center" wrap="wrap">
        <Input
          type="search"
          size="sm"
          bg="sheet"
          maxW="300px"
          aria-label="Search widgets"
          placeholder="Search by name or rule"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <Choice
          label="State"
          size="sm"
          width="160px"
          options={states}
          value={state}
          onChange={(next) => setState(next as State)}
        />
        <Choice
          label="Sort"
          size="sm"
          width="200px"
          options={sortings}
          value={sorting}
          onChange={(next) => setSorting(next as Sorting)}
        />
        <Text color="slate" role="status" ml="auto">
          {shown.length === widgets.length
            ? `${count(widgets.length)} ${widgets.length === 1 ? 'widget' : 'widgets'}`
            : `${count(shown.length)} of ${count(widgets.length)}`}
        </Text>
      </Flex>
      {shown.length === 0 ? (
        <Text bg="sheet" borderWidth="1px" rounded="md" p="8" textAlign="center" color="slate">
          No widgets found. Change the search or the state above.
        </Text>
      ) : (
        <WidgetTable widgets={shown} brand={brand} onChanged={onChanged} onDeleted={onDeleted} />
      )}
    </>
  );
}

function NoWidgets() {
  return (
    <Flex bg="sheet" borderWidth="1px" rounded="md" p="10" direction="column" align="center" gap="2">
      <Text fontWeight="600">This site has no widgets yet</Text>
      <Text color="slate">Create one, or begin from a starter: it takes on the site’s brand at once.</Text>
    </Flex>
  );
}
