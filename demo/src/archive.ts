// Writes the demo data as site archives: node dist/archive.js FILE
import { writeFileSync } from 'node:fs';
import { assets } from './data/assets.js';
import { brand } from './data/brand.js';
import { policy, siteKey, widgets } from './data/larkmoor.js';
import { firstLampCodes } from './data/offer.js';
import { invoicing } from './data/invoicing.js';
import { conversations } from './data/conversations.js';
import { counts, evenings, gifts, questions, sentByDay, signups, visits } from './data/submissions.js';
import { courseLetter, courseReaders, weaversBrand } from './data/weavers.js';
import { pages, renderPage } from './larkmoor/site.js';

const origin =
  process.env['SIRENE_DEMO_ORIGIN'] ?? `http://localhost:${process.env['SIRENE_DEMO_PORT'] ?? 4310}`;

const smtpPort = Number(process.env['SIRENE_SMTP_PORT'] ?? 4325);
const hooks = `http://127.0.0.1:${process.env['SIRENE_TEST_WEBHOOK_PORT'] ?? smtpPort + 1}`;

const now = Date.now();

const submissions = [
  ...signups(74, origin, 9),
  ...questions(origin, 31),
  ...visits(origin, 5, now),
  ...gifts(14, origin, 23),
  ...evenings(22, origin, 61),
];

const archives = [
  {
    format: 'sirene-site',
    version: 1,
    site: {
      key: siteKey,
      name: 'Larkmoor Observatory',
      origins: [origin],
      brand,
      zone: 'Europe/London',
      policy,
      memberChat: true,
    },
    pages: pages.map((page) => ({
      address: origin + page.path,
      title: page.title,
      html: renderPage(page, ''),
    })),
    assets: assets.map(({ name, file, content }) => ({
      name,
      file,
      content: Buffer.from(content).toString('base64'),
    })),
    widgets: widgets(now, hooks, origin).map(({ document, did: [views, seed], signedIn }) => ({
      name: document.name,
      document,
      publish: true,
      counts: counts(60, views, signedIn ?? sentByDay(submissions, document.name, now), seed),
    })),
    codes: [firstLampCodes],
    invoicing,
    submissions,
    conversations: conversations(origin, 29),
  },
  {
    format: 'sirene-site',
    version: 1,
    site: {
      key: 'wend-and-weft',
      name: 'Wend & Weft',
      origins: ['https://wendweft.example'],
      brand: weaversBrand,
    },
    pages: [],
    assets: [],
    widgets: [
      {
        name: courseLetter.name,
        document: courseLetter,
        publish: true,
        counts: counts(60, 7, sentByDay(courseReaders, courseLetter.name, now), 71),
      },
    ],
    submissions: courseReaders,
  },
];

writeFileSync(process.argv[2] ?? 'archive.json', JSON.stringify(archives));
