import { valueAt } from '@sirene/core/maps';
import { isDeepStrictEqual } from 'node:util';
import { BadRequestException, ConflictException, Injectable } from '@nestjs/common';
import {
  aliasesIn,
  readBrand,
  documentAliases,
  replaceAliases,
  replaceInDocument,
  tokensGone,
} from '@sirene/core/brand';
import { foreign } from '@sirene/core/foreign';
import { proposeBrand, type Proposal } from '@sirene/core/proposal';
import { compileWidget, type CompiledWidget } from '@sirene/core/render';
import {
  completeBrand,
  importTokens,
  readTokens,
  TokenError,
  type Brand,
  type TokenImport,
} from '@sirene/core/style';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { PageFetcher } from '../pages/page-fetcher.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import type { ProposeDto, SaveBrandDto } from './dto/brand.dto.js';

const mostSheets = 12;

/** A token that goes while a look or a widget still refers to it. */
export interface TokenUse {
  token: string;
  /** Who refers to it, in words. */
  name: string;
}

export interface BrandPreview {
  touched: { id: string; name: string; published: boolean; before: CompiledWidget; after: CompiledWidget }[];
  uses: TokenUse[];
}

@Injectable()
export class BrandService {
  constructor(
    private readonly sites: SitesService,
    private readonly widgets: WidgetsService,
    private readonly fetcher: PageFetcher,
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
    const changed = await this.sites.setBrand(site, brand);
    await this.widgets.rebrand(changed, replacements, user);
    return this.sites.brandOf(changed);
  }

  /** Says what a brand would change: the widgets that look different, each before and after. Nothing is saved. */
  async preview(site: SiteEntity, given: SaveBrandDto): Promise<BrandPreview> {
    const { brand, replacements, uses } = await this.#checked(site, given);
    const before = this.sites.brandOf(site);
    const after = completeBrand(brand);
    const widgets = await this.widgets.of(site);
    // Where a token goes without a successor the outcome can't be drawn yet.
    if (uses.length > 0) return { touched: [], uses };
    const touched = widgets.flatMap(({ id, draft, publishedNumber }) => {
      const [old, next] = [
        compileWidget(draft, before, foreign),
        compileWidget(replaceInDocument(draft, replacements), after, foreign),
      ];
      const { name } = draft;
      return isDeepStrictEqual(old, next)
        ? []
        : [{ id, name, published: publishedNumber !== null, before: old, after: next }];
    });
    return { touched, uses };
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
  read(text: string): TokenImport {
    try {
      return importTokens(JSON.parse(text));
    } catch (error) {
      const reason =
        error instanceof TokenError
          ? `The ${error.reason}.`
          : 'The file is not JSON. Export the tokens in the Design Tokens format and try again.';
      throw new BadRequestException(reason);
    }
  }

  /** Proposes tokens from a page of the site: the sheets it links to and those it holds. */
  async propose(site: SiteEntity, { address, html }: ProposeDto): Promise<Proposal> {
    if (html) return proposeBrand(stylesIn(html));
    if (!address) throw new BadRequestException('Give the address of a page of the site, or its HTML.');
    const page = await this.fetcher.fetch(site, address);
    const links = sheetsOf(page.text, page.address).slice(0, mostSheets);
    const sheets = await Promise.all(
      // A sheet from elsewhere is left out; the page's own say enough.
      links.map((link) =>
        this.fetcher.fetch(site, link).then(
          ({ text }) => text,
          () => '',
        ),
      ),
    );
    return proposeBrand([stylesIn(page.text), ...sheets].join('\n'));
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

function stylesIn(html: string): string {
  const sheets = [...html.matchAll(/<style[^>]*>([\s\S]*?)<\/style>/gi)].map(([, css]) => css);
  const inline = [...html.matchAll(/<(\w+)[^>]*\sstyle="([^"]*)"/gi)].map(([, tag, css]) => `${tag}{${css}}`);
  return [...sheets, ...inline].join('\n');
}

function sheetsOf(html: string, address: string): string[] {
  return [...html.matchAll(/<link[^>]+>/gi)].flatMap(([link]) => {
    const href = /rel=["']?stylesheet/i.test(link) ? /href=["']?([^"'\s>]+)/i.exec(link)?.[1] : undefined;
    return href && URL.canParse(href, address) ? [new URL(href, address).href] : [];
  });
}
