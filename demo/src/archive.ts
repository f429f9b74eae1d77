// Writes the demo data as site archives: node dist/archive.js FILE
import { writeFileSync } from 'node:fs';
import { askTheObservatory, brand, siteKey, skyLetter, weaversBrand } from './data/larkmoor.js';
import { counts, signups } from './data/submissions.js';
import { pages, renderPage } from './larkmoor/site.js';

const origin =
  process.env['SIRENE_DEMO_ORIGIN'] ?? `http://localhost:${process.env['SIRENE_DEMO_PORT'] ?? 4310}`;

const archives = [
  {
    format: 'sirene-site',
    version: 1,
    site: { key: siteKey, name: 'Larkmoor Observatory', origins: [origin], brand },
    pages: pages.map((page) => ({
      address: origin + page.path,
      title: page.title,
      html: renderPage(page, ''),
    })),
    widgets: [
      { name: 'Sky letter', document: skyLetter, publish: true, counts: counts(60, 46, 0.031, 3) },
      { name: 'Ask the observatory', document: askTheObservatory, publish: false, counts: [] },
    ],
    submissions: signups(38, origin, 9),
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
    widgets: [],
    submissions: [],
  },
];

writeFileSync(process.argv[2] ?? 'archive.json', JSON.stringify(archives));
