import { useState } from 'react';
import { useParams } from 'react-router';
import useSWR from 'swr';
import { useSites } from '../app/session.ts';
import { get, widgetPath, type Brand, type StoredPage, type Widget } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { OpenEditor } from './OpenEditor.tsx';
import { settledOf } from './state/autosave.ts';

const fresh = {
  revalidateOnFocus: false,
  revalidateOnReconnect: false,
  revalidateIfStale: true,
  // Asked anew each time it is opened, however short the way back was.
  dedupingInterval: 0,
};

/** A widget as it is once what was edited before has been saved. */
async function newest(path: string): Promise<Widget> {
  await settledOf(path.split('/').at(-1) ?? '');
  return get<Widget>(path);
}

/** Loads what the editor needs, and opens it. */
export function EditorPage() {
  const { id } = useParams();
  const { data: widget, error, isValidating } = useSWR(widgetPath(id ?? ''), newest, fresh);
  const { data: sites } = useSites();
  const site = sites?.find((one) => one.id === widget?.siteId);
  const { data: brand } = useSWR(site && `/api/sites/${site.id}/brand`, get<Brand>, fresh);
  const { data: pages } = useSWR(site && `/api/sites/${site.id}/pages`, get<StoredPage[]>, fresh);
  const [opened, setOpened] = useState<Widget | null>(null);
  // An answer kept from an earlier visit may be old: the editor opens on a fresh one, and then keeps its own.
  if (widget && !isValidating && opened?.id !== widget.id) setOpened(widget);
  if (error) return <ErrorNote error={error} />;
  if (!opened || opened.id !== id || !site || !brand || !pages) return null;
  return <OpenEditor key={opened.id} widget={opened} site={site} brand={brand} pages={pages} />;
}
