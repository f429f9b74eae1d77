import useSWR from 'swr';
import { at, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';

/** Who is signed in, and what this server offers those who are not. */
export function useSession() {
  return useAnswer(at('/api/session'));
}

/** The sites of whoever is signed in. */
export function useSites() {
  return useAnswer(at('/api/sites'));
}

const chosenKey = 'sirene.studio.site';

/** The site being worked on: the one last chosen, else the first. */
export function useSite(): {
  site: Site | undefined;
  sites: Site[];
  choose(id: string): void;
  error: unknown;
} {
  const { data: sites = [], error } = useSites();
  const { data: chosen, mutate } = useSWR(chosenKey, () => localStorage.getItem(chosenKey));
  const site = sites.find(({ id }) => id === chosen) ?? sites[0];
  const choose = (id: string) => {
    localStorage.setItem(chosenKey, id);
    inBackground(mutate(id));
  };
  return { site, sites, choose, error };
}
