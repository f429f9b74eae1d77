/** What a site's visitors are like, as far as it changes what they see. Shares from 0 to 1. */
export interface TrafficModel {
  /** The same seed plays the same visitors. */
  seed: number;
  visitors: number;
  /** Over how many days they come. */
  days: number;
  /** How many of them come again within those days. */
  returning: number;
  phones: number;
  tablets: number;
  /** Of those who come from elsewhere: by another site, by a campaign; all others come directly. */
  referred: number;
  campaign: number;
  members: number;
  /** How many pages a visit has, in the mean; how long a page is read, s; how deep it is scrolled. */
  pages: number;
  reading: number;
  scrolling: number;
  /** How many make to leave at the end of a visit, where it can be seen. */
  leaving: number;
  /** How many of those who see a form submit it, and how long others leave a widget open before they close it, s. */
  submitting: number;
  closing: number;
  /** How much of the traffic comes in the evening, 17 to 23 o'clock, and how much at the weekend. */
  evenings: number;
  weekends: number;
}

/** A small site's visitors as they often are. */
export const usualTraffic: TrafficModel = {
  seed: 1,
  visitors: 5000,
  days: 14,
  returning: 0.25,
  phones: 0.55,
  tablets: 0.08,
  referred: 0.3,
  campaign: 0.12,
  members: 0.05,
  pages: 3,
  reading: 40,
  scrolling: 0.55,
  leaving: 0.4,
  submitting: 0.04,
  closing: 12,
  evenings: 0.4,
  weekends: 0.35,
};
