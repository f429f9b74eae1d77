interface Place {
  /** Its name in the top bar, where it has one there. */
  bar?: string;
  /** What the palette calls it. */
  title: string;
  /** Whether it is there without a site. */
  withoutSite?: boolean;
}

/**
 * Every place of the studio below the top bar, by its address and in the order of the bar. Routes, bar, palette and the
 * addresses under which the server gives out the studio come from here.
 */
const places = {
  '/widgets': { bar: 'Widgets', title: 'Widgets' },
  '/starters': { title: 'Starters' },
  '/brand': { bar: 'Brand', title: 'Brand' },
  '/people': { bar: 'People', title: 'People: submissions' },
  '/people/persons': { title: 'People: persons' },
  '/people/leads': { title: 'People: leads' },
  '/people/invoices': { title: 'People: invoices' },
  '/people/lists': { title: 'People: mailing lists' },
  '/people/sheets': { title: 'People: spreadsheets' },
  '/desk': { bar: 'Desk', title: 'Desk: conversations' },
  '/site': { bar: 'Site', title: 'Site: origins, script tag and install check' },
  '/post': { bar: 'Test services', title: 'Test services: mailbox, webhooks' },
  '/start': { title: 'Set up a new site', withoutSite: true },
  '/account': { title: 'Account: name, password, sessions', withoutSite: true },
} as const satisfies Record<`/${string}`, Place>;

export type PlacePath = keyof typeof places;

/** The places by address, as those who treat all alike see them. */
export const allPlaces = Object.entries(places) as [PlacePath, Place][];

/** The ways in, and the editor: places without the bar. */
export const otherPaths = {
  editor: '/widgets/:id',
  signIn: '/sign-in',
  setUp: '/setup',
  forgot: '/forgot',
  reset: '/reset/:token',
  invitation: '/invitation/:token',
} as const;

/** Every address under which the studio is to be had, as the server's routes name them. */
export const servedPaths: readonly string[] = ['/', ...Object.keys(places), ...Object.values(otherPaths)];
