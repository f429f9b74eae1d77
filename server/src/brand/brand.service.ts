import { valueAt } from '@sirene/core/base/maps';
import { BadRequestException, ConflictException, Injectable } from '@nestjs/common';
import {
  aliasesIn,
  readBrand,
  documentAliases,
  looksUsed,
  replaceAliases,
  tokensGone,
} from '@sirene/core/review/brand';
import type { Proposal } from '@sirene/core/library/proposal';
import { completeBrand, readTokens, type Brand, type TokenImport } from '@sirene/core/style';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { WorkerPool } from '../foreign/worker-pool.js';
import { PageFetcher } from '../pages/page-fetcher.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import type { TouchedWidget } from './preview-brand.js';
import type { SaveBrandDto } from './dto/brand.dto.js';
import type { PageSourceDto } from '../pages/dto/page-source.dto.js';

const mostSheets = 12;

/** A token that goes while a look or a widget still refers to it. */
export interface TokenUse {
  token: string;
  /** Who refers to it, in words. */
  name: string;
}

/** A widget that uses a look, and how many of its elements do. */
export interface LookUse {
  id: string;
  name: string;
  times: number;
}

export interface BrandPreview {
  touched: TouchedWidget[];
  uses: TokenUse[];
}

@Injectable()
export class BrandService {
  constructor(
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    private readonly fetcher: PageFetcher,
    private readonly workers: WorkerPool,
  ) {}

  /**
   * Saves a site's brand and publishes what it touches anew. A token that is in use can go only when another takes its
   * place.
   */
  async save(site: SiteEntity, given: SaveBrandDto, user: UserEntity): Promise<Brand> {
    const { brand, replacements, uses } = await this.#checked(site, given);
    const [use] = uses;
    if (use)
      throw new ConflictException({
        statusCode: 409,
        message: `The token ${use.token} is used by ${use.name}. Choose one that takes its place.`,
        uses,
      });
    return this.sites.brandOf(await this.widgets.rebrand(site, brand, replacements, user));
  }

  /** Which widgets use each look: their drafts, the elements that take a standard look without choosing it among them. */
  async lookUses(site: SiteEntity): Promise<Record<string, LookUse[]>> {
    const brand = this.sites.brandOf(site);
    const uses = new Map<string, LookUse[]>();
    for (const { id, draft } of await this.widgets.of(site))
      for (const [look, times] of looksUsed(draft, brand))
        uses.set(look, [...(uses.get(look) ?? []), { id, name: draft.name, times }]);
    return Object.fromEntries(uses);
  }

  /** Says what a brand would change: the widgets that look different, each before and after. Nothing is saved. */
  async preview(site: SiteEntity, given: SaveBrandDto): Promise<BrandPreview> {
    const { brand, replacements, uses } = await this.#checked(site, given);
    const before = this.sites.brandOf(site);
    const after = completeBrand(brand);
    const widgets = await this.widgets.of(site);
    // Where a token goes without a successor the outcome can't be drawn yet.
    if (uses.length > 0) return { touched: [], uses };
    const touched = await this.workers.runOver('previewBrand', widgets, (some) => ({
      widgets: some.map(({ id, draft, publishedNumber }) => ({
        id,
        document: draft,
        published: publishedNumber !== null,
      })),
      before,
      after,
      replacements,
    }));
    return { touched: touched.flat(), uses };
  }

  async #checked(site: SiteEntity, { replacements = {}, ...input }: SaveBrandDto) {
    const before = this.sites.brandOf(site).tokens;
    const given = checkedBrand(input, [...readTokens(before).keys()]);
    const brand: Brand = { ...given, looks: replaceAliases(given.looks, replacements) };
    const left = completeBrand(brand).tokens;
    const gone = tokensGone(before, left);
    const known = readTokens(left);
    const open = gone.filter((path) => !known.has(valueAt(replacements, path) ?? ''));
    const users = [
      ...Object.values(brand.looks).map((look) => ({
        name: `the look ${look.name}`,
        aliases: aliasesIn(look),
      })),
      ...(await this.widgets.of(site)).map(({ draft }) => ({
        name: draft.name,
        aliases: documentAliases(draft),
      })),
    ];
    const uses = users.flatMap(({ name, aliases }) =>
      aliases.filter((path) => open.includes(path)).map((token) => ({ token, name })),
    );
    const used = Object.fromEntries(Object.entries(replacements).filter(([path]) => gone.includes(path)));
    return { brand, replacements: used, uses };
  }

  /** Reads a token file without saving anything. */
  read(text: string): Promise<TokenImport> {
    return this.workers.run('tokens', text);
  }

  /** Proposes tokens from a page of the site: the sheets it links to and those it holds. */
  async propose(site: SiteEntity, { address, html }: PageSourceDto): Promise<Proposal> {
    if (html) return this.workers.run('proposal', (await this.workers.run('pageParts', html)).css);
    if (!address) throw new BadRequestException('Give the address of a page of the site, or its HTML.');
    const page = await this.fetcher.fetch(site, address);
    const { css, sheets } = await this.workers.run('pageParts', page.text);
    const links = sheets.filter((link) => URL.canParse(link, page.address)).slice(0, mostSheets);
    const linked = await Promise.all(
      // A sheet from elsewhere is left out; the page's own say enough.
      links.map((link) =>
        this.fetcher.fetch(site, new URL(link, page.address).href).then(
          ({ text }) => text,
          () => '',
        ),
      ),
    );
    return this.workers.run('proposal', [css, ...linked].join('\n'));
  }
}

/** A brand made of what was checked; every brand that is stored comes through here. */
export function checkedBrand(input: unknown, going?: readonly string[]): Brand {
  const reading = readBrand(input, going);
  if (reading.ok) return reading.brand;
  const [first] = reading.problems;
  const message = `The brand can't be used: ${first?.path || 'it'} ${first?.reason}`;
  throw new BadRequestException({ statusCode: 400, message, problems: reading.problems });
}
