import type { PlanInput, PlannedPage } from '@sirene/core/rehearse/plan';
import { placeOf } from '@sirene/core/behaviour';
import { useMemo, useState } from 'react';
import { at, type PlannedWidget, type Site, type StoredPage, useAnswer } from '../../shared/api/index.ts';

/** What the plan of a site is made of: its pages, stored or only seen, and the rules of its widgets as their drafts have them. */
export function usePlanInput(site: Site, withDrafts: boolean) {
  const rules = useAnswer(at('/api/sites/{site}/rules', { site: site.id }));
  const pages = useAnswer(at('/api/sites/{site}/pages', { site: site.id }));
  const seen = useAnswer(at('/api/sites/{site}/seen-pages', { site: site.id }));
  const { data: widgets } = rules;
  const [now] = useState(Date.now);
  const input = useMemo((): (PlanInput & { widgets: readonly PlannedWidget[] }) | null => {
    if (!widgets || !pages.data || !seen.data) return null;
    return {
      pages: knownPages(site, pages.data, seen.data),
      // What stands on a page of its own meets no others.
      widgets: widgets.filter((one) => (withDrafts || one.published) && !one.standalone),
      policy: site.policy,
      now,
    };
  }, [widgets, pages.data, seen.data, site, withDrafts, now]);
  return { input, error: (rules.error ?? pages.error ?? seen.error) as unknown, refresh: rules.mutate };
}

/** Pages in the order of their paths; one that was only seen is not known to be of a type, or to have markers. */
function knownPages(site: Site, stored: readonly StoredPage[], seen: readonly string[]): PlannedPage[] {
  const origin = site.origins[0] ?? 'https://site.example';
  const paths = new Set(stored.map(({ address }) => placeOf(address).path));
  const others = seen
    .filter((path) => !paths.has(placeOf(origin + path).path))
    .map((path) => ({ address: origin + path, types: [], markers: [] }));
  return [...stored, ...others].sort((a, b) =>
    placeOf(a.address).path.localeCompare(placeOf(b.address).path),
  );
}
