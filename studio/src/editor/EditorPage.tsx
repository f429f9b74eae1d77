import { useState } from 'react';
import { useParams } from 'react-router';
import useSWR from 'swr';
import { useSites } from '../app/session.ts';
import { at, get, useAnswer, type Widget, widgetPath } from '../shared/api/index.ts';
import { OpenEditor } from './OpenEditor.tsx';
import { NotOpened, Opening } from './Opening.tsx';
import { settledOf } from './state/autosave.ts';
import { isOpenSomewhere, pendingDrafts, type Pending } from './state/pending.ts';
import { inBackground } from '../shared/background.ts';

const once = { revalidateOnFocus: false, revalidateOnReconnect: false, revalidateIfStale: false };
const fresh = { ...once, revalidateIfStale: true };

interface Found {
  widget: Widget;
  /** What an earlier visit could not save. */
  pending: Pending | null;
}

/** A widget as it is once what was edited before has been saved, and what of that could not be. */
async function find(id: string): Promise<Found> {
  await settledOf(id);
  // What another tab has open is on its way from there.
  const isOpen = await isOpenSomewhere(id);
  const [widget, pending] = await Promise.all([
    get(widgetPath(id)),
    isOpen ? null : pendingDrafts.of(id).catch(() => null),
  ]);
  return { widget, pending };
}

let visits = 0;

/** Loads what the editor needs, and opens it. */
export function EditorPage() {
  const { id = '' } = useParams();
  // Each visit asks anew: a copy that was held from the one before may be older than what was edited then.
  const [visit] = useState(() => visits++);
  const opened = useSWR(['open', id, visit], () => find(id), once);
  const sites = useSites();
  const found = opened.data;
  const site = sites.data?.find((one) => one.id === found?.widget.siteId);
  const brand = useAnswer(site && at('/api/sites/{site}/brand', { site: site.id }), fresh);
  const pages = useAnswer(site && at('/api/sites/{site}/pages', { site: site.id }), fresh);
  const needed = [opened, sites, brand, pages];
  const failed = needed.find(({ data, error }) => data === undefined && error !== undefined);
  if (failed)
    return (
      <NotOpened error={failed.error} retry={() => needed.forEach(({ mutate }) => inBackground(mutate()))} />
    );
  if (found && sites.data && !site)
    return <NotOpened error="This widget belongs to a site that is not among yours." />;
  if (!found || !site || !brand.data || !pages.data) return <Opening />;
  return (
    <OpenEditor
      key={found.widget.id}
      widget={found.widget}
      site={site}
      brand={brand.data}
      pages={pages.data}
      pending={found.pending}
    />
  );
}
