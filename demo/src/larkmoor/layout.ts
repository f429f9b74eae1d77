import { mark } from './art.js';

/** One page of the observatory's site. */
export interface Page {
  /** Its path, such as `/journal/dark-adaptation/`. */
  path: string;
  title: string;
  /** Structured data of schema.org, as the page carries it. */
  data?: Record<string, unknown>;
  content: string;
}

const places = [
  ['/', 'Home'],
  ['/tonight/', 'Tonight'],
  ['/shows/', 'Shows'],
  ['/journal/', 'Journal'],
  ['/shop/', 'Shop'],
  ['/members/', 'Members'],
  ['/contact/', 'Contact'],
] as const;

/** Writes a page whole. `head` goes in as it is: the script tag stands there. */
export function renderPage({ path, title, data, content }: Page, head: string): string {
  const links = places.map(([to, name]) => {
    const here = to === '/' ? path === '/' : path.startsWith(to);
    return `<a href="${to}"${here ? ' aria-current="page"' : ''}>${name}</a>`;
  });
  const structured = data
    ? `<script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', ...data })}</script>`
    : '';
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title} · Larkmoor Observatory</title>
<link rel="icon" href="/icon.svg">
<link rel="preload" href="/fonts/fraunces.woff2" as="font" type="font/woff2" crossorigin>
<link rel="preload" href="/fonts/figtree.woff2" as="font" type="font/woff2" crossorigin>
<link rel="stylesheet" href="/site.css">
${structured}${head}
</head>
<body>
<a class="skip" href="#main">Skip to content</a>
<header class="top"><div class="wide">
<a class="name" href="/">${mark}<span>Larkmoor<br><small>Observatory</small></span></a>
<nav aria-label="Main">${links.join('')}<a id="basket" href="/till/">Basket <span data-count></span></a></nav>
</div></header>
<div class="member" data-member></div>
<main id="main">${content}</main>
<footer><div class="wide">
<p><strong>Larkmoor Observatory</strong><br>High Lane, Larkmoor</p>
<p>Open on clear evenings, Wednesday to Sunday<br>Doors one hour after sunset</p>
<p><a href="/visit/">Visits for groups</a><br><a href="/donate/">A motor for the dome</a><br><a href="mailto:desk@larkmoor.example">desk@larkmoor.example</a></p>
</div></footer>
<script src="/basket.js" defer></script>
</body>
</html>`;
}
