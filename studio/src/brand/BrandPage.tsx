import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, Flex, Grid, IconButton, Tabs } from '@chakra-ui/react';
import type { Brand } from '@sirene/core/style';
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useReducer, useState } from 'react';
import { useSearchParams } from 'react-router';
import useSWR, { mutate } from 'swr';
import { isTyping, onPress } from '../app/keymap.ts';
import { useSite } from '../app/session.ts';
import { at, type Site, useAnswer } from '../shared/api/index.ts';
import { AssetsContext } from '../shared/assets/assets.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { Page } from '../shared/Page.tsx';
import { BrandContext } from './brand-context.ts';
import { draftStep } from './brand-draft.ts';
import { isOf, pendingBrands, resumed, type PendingBrand } from './pending-brand.ts';
import { PendingNote } from './PendingNote.tsx';
import { BrandMenu } from './BrandMenu.tsx';
import { ColourPanel } from './ColourPanel.tsx';
import { FontPanel } from './FontPanel.tsx';
import { LooksPanel } from './LooksPanel.tsx';
import { BrandSheet } from './BrandSheet.tsx';
import { SharedChange } from './SharedChange.tsx';
import { ShapePanel } from './ShapePanel.tsx';
import { TypePanel } from './TypePanel.tsx';
import { inBackground } from '../shared/background.ts';

/** The site's design: its tokens and looks, seen live on real pieces and on the site's widgets. */
export function BrandPage() {
  const { site } = useSite();
  const path = site && at('/api/sites/{site}/brand', { site: site.id });
  const { data, error } = useAnswer(path, { revalidateOnFocus: false });
  // Each visit looks anew for what the one before has left.
  const [visit] = useState(() => visits++);
  const { data: pending } = useSWR(
    site && ['pending brand', site.id, visit],
    () => pendingBrands.of(site?.id ?? '').catch(() => null),
    { revalidateOnFocus: false, revalidateOnReconnect: false },
  );
  if (error && !data) return <ErrorNote error={error} />;
  if (!site || !data || pending === undefined) return <Waiting what="Loading the brand" />;
  return <BrandEditor key={site.id} site={site} saved={data} pending={pending} />;
}

let visits = 0;

const panels = {
  colour: { title: 'Colours', panel: ColourPanel },
  type: { title: 'Type', panel: TypePanel },
  shape: { title: 'Shape', panel: ShapePanel },
  fonts: { title: 'Fonts and logo', panel: FontPanel },
  looks: { title: 'Looks', panel: LooksPanel },
} as const;

type PanelName = keyof typeof panels;

function panelOf(asked: URLSearchParams): PanelName {
  if (asked.has('look')) return 'looks';
  const group = asked.get('token')?.split('.')[0] ?? 'color';
  const of: Record<string, PanelName> = { color: 'colour', size: 'type', font: 'type' };
  return valueAt(of, group) ?? 'shape';
}

function BrandEditor({
  site,
  saved,
  pending,
}: {
  site: Site;
  saved: Brand;
  /** What an earlier visit changed and did not save. */
  pending: PendingBrand | null;
}) {
  const [asked] = useSearchParams();
  const [{ brand, past, future }, step] = useReducer(draftStep, null, () => resumed(saved, pending));
  // Changed upon a brand that has been saved anew since: it is for the person to say.
  const [offered, setOffered] = useState(() => (pending && !isOf(pending, saved) ? pending.brand : null));
  const [isBack, setBack] = useState(pending !== null && offered === null);
  const [panel, setPanel] = useState<PanelName>(() => panelOf(asked));
  const [saving, setSaving] = useState(false);
  const editing = useMemo(
    () => ({
      site,
      brand,
      change: (next: Brand, of: string) => step({ type: 'change', brand: next, of }),
    }),
    [site, brand],
  );
  const assets = useMemo(() => ({ siteId: site.id, brand }), [site, brand]);
  const changed = past.length > 0;
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (isTyping(event.target)) return;
      onPress(event, { undo: () => step({ type: 'undo' }), redo: () => step({ type: 'redo' }) });
    };
    const warn = (event: BeforeUnloadEvent) => changed && event.preventDefault();
    addEventListener('keydown', keys);
    addEventListener('beforeunload', warn);
    return () => {
      removeEventListener('keydown', keys);
      removeEventListener('beforeunload', warn);
    };
  }, [changed]);
  useEffect(() => {
    // What waits for an answer is not written over.
    if (offered) return;
    const kept = changed
      ? pendingBrands.keep(site.id, { base: saved, brand })
      : pendingBrands.forget(site.id);
    kept.catch(() => {});
  }, [site.id, saved, brand, changed, offered]);
  const drop = () => {
    setOffered(null);
    setBack(false);
    step({ type: 'saved', brand: saved });
  };
  const aside = (
    <Flex gap="2" align="center">
      <Flex role="group" aria-label="History">
        <IconButton
          size="sm"
          variant="ghost"
          colorPalette="plain"
          aria-label="Undo"
          disabled={past.length === 0}
          onClick={() => step({ type: 'undo' })}
        >
          <Undo2 size={16} aria-hidden />
        </IconButton>
        <IconButton
          size="sm"
          variant="ghost"
          colorPalette="plain"
          aria-label="Redo"
          disabled={future.length === 0}
          onClick={() => step({ type: 'redo' })}
        >
          <Redo2 size={16} aria-hidden />
        </IconButton>
      </Flex>
      <BrandMenu />
      <Button size="sm" colorPalette="signal" disabled={!changed} onClick={() => setSaving(true)}>
        Save for site …
      </Button>
    </Flex>
  );
  return (
    <BrandContext value={editing}>
      <AssetsContext value={assets}>
        <Page title="Brand" aside={aside}>
          {(offered || (isBack && changed)) && (
            <PendingNote
              text={
                offered
                  ? 'You have unsaved changes to the brand, and it has been saved elsewhere since.'
                  : 'Your unsaved changes have been restored. Visitors see none of them until you save.'
              }
              onTake={
                offered
                  ? () => {
                      step({ type: 'change', brand: offered, of: '' });
                      setOffered(null);
                    }
                  : undefined
              }
              onDrop={drop}
            />
          )}
          <Grid
            templateColumns={{ base: 'minmax(0, 1fr)', lg: '392px minmax(0, 1fr)' }}
            gap="6"
            alignItems="start"
          >
            <Box bg="sheet" borderWidth="1px" rounded="md">
              <Tabs.Root
                value={panel}
                onValueChange={({ value }) => setPanel(value as PanelName)}
                size="sm"
                lazyMount
                unmountOnExit
                colorPalette="plain"
              >
                <Tabs.List aria-label="Parts of the brand" px="1">
                  {Object.entries(panels).map(([name, { title }]) => (
                    <Tabs.Trigger key={name} value={name} px="2">
                      {title}
                    </Tabs.Trigger>
                  ))}
                </Tabs.List>
                {Object.entries(panels).map(([name, { panel: Panel }]) => (
                  <Tabs.Content key={name} value={name} p="0">
                    <Panel />
                  </Tabs.Content>
                ))}
              </Tabs.Root>
            </Box>
            <BrandSheet />
          </Grid>
          {saving && (
            <SharedChange
              site={site}
              brand={brand}
              onClose={() => setSaving(false)}
              onSaved={(next) => {
                setSaving(false);
                step({ type: 'saved', brand: next });
                inBackground(
                  mutate(at('/api/sites/{site}/brand', { site: site.id }), next, { revalidate: false }),
                );
                inBackground(mutate(at('/api/sites/{site}/widgets', { site: site.id })));
              }}
            />
          )}
        </Page>
      </AssetsContext>
    </BrandContext>
  );
}
