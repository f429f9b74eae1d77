import { lamp, moonLamp, planets, skyChart } from '../art.js';
import type { Page } from '../layout.js';

interface Product {
  slug: string;
  name: string;
  price: number;
  art: string;
  short: string;
  body: string;
}

const products: Product[] = [
  {
    slug: 'red-lamp',
    name: 'Red reading lamp',
    price: 34,
    art: lamp(),
    short: 'Reads charts, spares eyes. Dims to a glow.',
    body: `<p>A small brass lamp for the observing table. Its light is deep red and dims down to almost nothing, so that you can read a chart and still see the Milky Way when you look up.</p><p>Turned and wired in Larkmoor village. Runs for sixty nights on one cell.</p>`,
  },
  {
    slug: 'moor-chart',
    name: 'The Larkmoor sky chart',
    price: 18,
    art: skyChart(42),
    short: 'Four seasons on heavy paper, printed by hand.',
    body: `<p>All stars that can be seen from the moor with the naked eye, on four sheets, one for each season. Drawn by our members, printed in two colours on heavy cotton paper.</p><p>The lines are dark enough to be read by a red lamp. We tried.</p>`,
  },
  {
    slug: 'planet-cloth',
    name: 'The planets on a tea towel',
    price: 12,
    art: planets(),
    short: 'Eight worlds, to scale, on linen.',
    body: `<p>All eight in their true sizes beside each other, which is why seven of them fit on the right-hand side. Printed on linen that dries cups.</p>`,
  },
  {
    slug: 'moon-lamp',
    name: 'Moon lamp for the window',
    price: 46,
    art: moonLamp(),
    short: 'Glows as full as the moon outside.',
    body: `<p>A lamp that knows the date: it shows the moon as it stands tonight, thin or full, and goes out when she does.</p><p>Cast in porcelain by a member who used to make teacups.</p>`,
  },
];

const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency: 'EUR' });

/** The pictures of the products, by the address that the basket shows them from. */
export const pictures = new Map(products.map(({ slug, art }) => [`/pictures/${slug}.svg`, art]));

const productPage = ({ slug, name, price, art, body }: Product): Page => ({
  path: `/shop/${slug}/`,
  title: name,
  data: { '@type': 'Product', name, offers: { '@type': 'Offer', price, priceCurrency: 'EUR' } },
  content: `<div class="wide product"><div>${art}</div><div><h1>${name}</h1><p class="price">${money.format(price)}</p>${body}
<p>Sent within three days; or collect it from the desk on any open evening.</p><p><button class="pill" type="button" data-buy='${JSON.stringify({ id: slug, name, price, picture: `/pictures/${slug}.svg` }).replaceAll("'", '&#39;')}'>Put it in the basket</button></p></div></div>`,
});

export const shop: Page[] = [
  {
    path: '/shop/',
    title: 'Shop',
    content: `<section class="band"><div class="wide"><h1>Shop</h1><p>Everything here keeps the dome turning.</p><div class="cards">${products
      .map(
        ({ slug, name, art, short, price }) =>
          `<article class="card">${art}<div><h3><a href="/shop/${slug}/">${name}</a></h3><p>${short} ${money.format(price)}</p></div></article>`,
      )
      .join('')}</div></div></section>`,
  },
  ...products.map(productPage),
  {
    path: '/till/',
    title: 'The till',
    content: `<section class="band"><div class="wide"><h1>The till</h1><p>A real shop would take your address here. Ours is made up, and so is what you nearly bought.</p><p><a href="/shop/">Back to the shop</a></p></div></section>`,
  },
];
