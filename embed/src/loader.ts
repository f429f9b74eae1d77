import type { CompiledWidget } from '@sirene/core/compile';
import type { PartName } from '@sirene/core/document/parts';
import type { Manifest, ManifestWidget } from './manifest.ts';
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
}

/** Why nothing is shown, in words for whoever looks into the page's console. */
export class Refused extends Error {}

/** What fetches for the script that runs, from where it came from. */
export function loader(script: HTMLScriptElement, parts: Record<PartName, string>): Loader {
  const { origin } = new URL(script.src);
  const site = encodeURIComponent(script.dataset['site'] ?? '');
  return {
    origin,
    site,
    submissions: `${origin}/c/${site}/submissions`,
    async manifest() {
      const response = await fetch(`${origin}/m/${site}.json`);
      const answer = (await response.json()) as Manifest & { message?: string };
      if (!response.ok) throw new Refused(answer.message ?? `The server answered ${response.status}.`);
      return answer;
    },
    async body({ slug, body, integrity }) {
      // The browser itself refuses a body that is not the one that was published.
      const response = await fetch(origin + body, integrity ? { integrity } : {});
      if (!response.ok) throw new Error(`body of ${slug}: ${response.status}`);
      return (await response.json()) as CompiledWidget;
    },
    part: partLoader(`${origin}/embed/`, parts, (address) => import(/* @vite-ignore */ address)),
  };
}
