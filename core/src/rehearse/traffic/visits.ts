import { exponential, weighted, type Random } from '../../base/random/index.js';
import { aheadAt, dayMs, instantIn, minuteMs, type ZoneTable } from '../../base/time/index.js';
import type { PageFacts } from '../../behaviour/index.js';
import type { PlannedPage } from '../plan/index.js';
import type { TrafficModel } from './model.js';
import { pageAt, type Ways } from './ways.js';

/** One page of a visit: what is told on arriving, how long the visitor stays, ms, how deep they scroll and whether they make to leave. */
export interface PageStay {
  page: number;
  facts: PageFacts;
  stay: number;
  depth: number;
  leaves: boolean;
}

/** One visit: when it begins, ms since the epoch, and its pages in turn. */
export interface PlayedVisit {
  at: number;
  pages: PageStay[];
}

/** When traffic begins, midnight as if its wall-clock time were UTC, ms, and the clocks it is told by. */
export interface Calendar {
  start: number;
  zone: ZoneTable;
}

/** One visitor, and all of their visits. */
export interface Visitor {
  member: boolean;
  visits: PlayedVisit[];
}

const hourMs = 3_600_000;
const mostPages = 30;

const widths = { phone: [360, 390, 414], tablet: [768, 820, 1024], desktop: [1280, 1440, 1920] } as const;
const sources = ['search.example', 'news.example', 'friends.example'];

/**
 * Makes one visitor: when they come, on what, from where, and how they go through the pages.
 *
 * @param calendar the first midnight of the traffic, and the clocks by which it and all hours are told
 */
export function makeVisitor(
  random: Random,
  model: TrafficModel,
  pages: readonly PlannedPage[],
  ways: Ways,
  calendar: Calendar,
): Visitor {
  const device = weighted(random, [
    ['phone', model.phones],
    ['tablet', model.tablets],
    ['desktop', Math.max(0, 1 - model.phones - model.tablets)],
  ] as const);
  const width = widths[device][Math.floor(random() * 3)] ?? 1280;
  const about = { width, touch: device !== 'desktop', language: 'en-GB' };
  const comesAgain = random() < model.returning;
  const count = comesAgain ? 2 + Math.floor(random() * 3) : 1;
  const times = Array.from({ length: count }, () => arrivalAt(random, model, calendar)).sort((a, b) => a - b);
  return {
    member: random() < model.members,
    visits: times.map((at) => {
      const ahead = aheadAt(calendar.zone, at) / minuteMs;
      return { at, pages: stays(random, model, pages, ways, { ...about, ahead }) };
    }),
  };
}

// The day first, weekends as often as they say; then the hour.
function arrivalAt(
  random: Random,
  { days, weekends, evenings }: TrafficModel,
  { start, zone }: Calendar,
): number {
  const wantsWeekend = random() < weekends;
  let day = 0;
  for (let tries = 0; tries < 20; tries++) {
    day = Math.floor(random() * days);
    const weekday = new Date(start + day * dayMs).getUTCDay();
    if ((weekday === 0 || weekday === 6) === wantsWeekend) break;
  }
  const hour = random() < evenings ? 17 + random() * 6 : random() * 17;
  return instantIn(zone, start + day * dayMs + Math.floor(hour * hourMs));
}

function stays(
  random: Random,
  model: TrafficModel,
  pages: readonly PlannedPage[],
  ways: Ways,
  about: Pick<PageFacts, 'width' | 'touch' | 'language' | 'ahead'>,
): PageStay[] {
  const length = Math.min(mostPages, 1 + Math.floor(exponential(random, Math.max(0, model.pages - 1))));
  const came = random();
  const campaign: Record<string, string> =
    came < model.campaign ? { utm_campaign: 'spring', utm_source: 'mail' } : {};
  const from =
    came < model.campaign + model.referred ? (sources[Math.floor(random() * sources.length)] ?? '') : '';
  const list: PageStay[] = [];
  let page = pageAt(ways.entry, random());
  for (let at = 0; at < length; at++) {
    const { address, types, markers } = pages[page] as PlannedPage;
    const isFirst = at === 0;
    list.push({
      page,
      facts: {
        ...about,
        address,
        types,
        markers,
        from: isFirst ? from : '',
        campaign: isFirst ? campaign : {},
      },
      stay: Math.round(1000 * Math.max(1, exponential(random, model.reading))),
      depth: Math.min(1, Math.max(0, model.scrolling + (random() - 0.5) * 0.9)),
      leaves: at === length - 1 && random() < model.leaving,
    });
    page = pageAt(ways.next[page] ?? ways.entry, random());
  }
  return list;
}
