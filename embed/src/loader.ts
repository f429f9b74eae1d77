import type { CompiledWidget } from '@sirene/core/compile';
import type { PartName } from '@sirene/core/document/parts';
import type { Given, Manifest, ManifestWidget } from './manifest.ts';
import { partLoader } from './part-loader.ts';
import type { Parts } from './parts/registry.ts';

/** All that is fetched from the server that the script came from. */
export interface Loader {
  origin: string;
  /** The site's key, as it stands in addresses. */
  site: string;
  /** Where forms are sent to. */
  submissions: string;
  manifest(): Promise<Manifest>;
  body(widget: ManifestWidget): Promise<CompiledWidget>;
  part<P extends PartName>(part: P): Promise<Parts[P]>;
  /** Drafts are tried: nothing is counted. */
  isTry?: boolean;
}

/** Why nothing is shown, in words for whoever looks into the page's console. */
export class Refused extends Error {}

/**
 * What fetches for the script that runs, from where it came from.
 *
 * @param parts what the built parts hash to
 * @param given what the script brought along; a script for any site asks for the manifest of the one that its tag names
 */
export function loader(script: HTMLScriptElement, parts: string, given: Given | null): Loader {
  const { origin } = new URL(script.src);
  const site = encodeURIComponent(given?.key ?? script.dataset['site'] ?? '');
  // Asked for before it is known what shows it, and then again.
  const bodies = new Map<string, Promise<CompiledWidget>>();
  return {
    origin,
    site,
    submissions: `${origin}/c/${site}/submissions`,
    async manifest() {
      if (given) return givenTo(location.origin, origin, given);
      const response = await fetch(`${origin}/m/${site}.json`);
      const answer = (await response.json()) as Manifest & { message?: string };
      if (!response.ok) throw new Refused(answer.message ?? `The server answered ${response.status}.`);
      return answer;
    },
    body(widget) {
      const known = bodies.get(widget.body) ?? fetchBody(origin, widget);
      bodies.set(widget.body, known);
      known.catch(() => bodies.delete(widget.body));
      return known;
    },
    part: partLoader(`${origin}/embed/`, parts, (address) => import(/* @vite-ignore */ address)),
  };
}

// Any page can load a script; only those of the site's own origins, and its standalone pages, are given what it brings.
function givenTo(page: string, own: string, { manifest, origins, site }: Given): Manifest {
  if (page === own || origins.includes(page)) return manifest;
  throw new Refused(`${page} is not among the allowed origins of ${site}. Add it in Sirene under Site.`);
}

async function fetchBody(origin: string, { slug, body, integrity }: ManifestWidget): Promise<CompiledWidget> {
  // The browser itself refuses a body that is not the one that was published.
  const response = await fetch(origin + body, integrity ? { integrity } : {});
  if (!response.ok) throw new Error(`body of ${slug}: ${response.status}`);
  return (await response.json()) as CompiledWidget;
}
