import { skyChart } from '../art.js';
import type { Page } from '../layout.js';

interface Article {
  slug: string;
  title: string;
  lead: string;
  author: string;
  date: string;
  seed: number;
  caption: string;
  body: string;
}

const articles: Article[] = [
  {
    slug: 'dark-adaptation',
    title: 'How to see in the dark',
    lead: 'Your eyes are better than you think. They only need twenty minutes, and for you to leave your telephone in your pocket.',
    author: 'Maren Oake',
    date: '2026-11-08',
    seed: 11,
    caption: 'The autumn sky at nine in the evening. Each ring is thirty degrees.',
    body: `
<p>Step out of a lit kitchen and the sky over the moor holds perhaps thirty stars. Stand there for twenty minutes and it holds three thousand. Nothing up there has changed.</p>
<h2>Two eyes in one</h2>
<p>By day you see with the cells in the middle of your eye: sharp, in colour, and nearly blind in starlight. Around them lie the others, a hundred million of them, that see no colour at all but notice a single candle across a valley. They need time. A pigment that bright light has bleached has to be made again, molecule by molecule.</p>
<p>After five minutes you find your way about. After twenty the Milky Way has an edge. After forty you notice that the edge is not smooth.</p>
<h2>What undoes it</h2>
<p>One glance at a bright screen. A car on High Lane. The well-meant torch of the person beside you. Each sets you back to the beginning, which is why we ask visitors to use a red lamp: the cells that see at night hardly notice red.</p>
<h2>Look beside it</h2>
<p>The middle of your eye stays blind for faint things. So do not look straight at the ring in the Lyre; look a little past it, and it drifts into view as if it had been waiting for you to stop staring.</p>
<p>Old hands do this without thinking. It takes about three evenings to learn, and then you cannot unlearn it.</p>
<h2>A plan for your first clear evening</h2>
<p>Eat early. Dress for a temperature ten degrees below what the forecast says. Choose one thing to find, not ten. Sit down. Wait. When you think you have waited long enough, wait once more as long.</p>`,
  },
  {
    slug: 'first-telescope',
    title: 'Your first telescope is a pair of binoculars',
    lead: 'Every December somebody brings us a telescope from a department store and asks why it shows nothing. Here is the talk we give them.',
    author: 'Tobin Farrow',
    date: '2026-10-19',
    seed: 23,
    caption: 'Four figures to learn first. Start with the one that looks like a crooked W.',
    body: `
<p>A telescope shows you a very small piece of sky very large. That is of little use until you know which piece you want. A pair of binoculars shows you enough sky to find your way, and enough of it to fall in love.</p>
<h2>What the numbers mean</h2>
<p>On the side it says something like 8×42. The first number is how much larger things look; the second is the width of the front lens in millimetres. For the sky take the width and forget the rest: more width is more light. Anything above ten times needs a stand.</p>
<h2>Five things to look at first</h2>
<p>The moon, four days after new. The Seven Sisters. The double cluster, halfway between the crooked W and the hero. The great spiral, as a smudge. Jupiter, with four sparks in a line that change places from night to night.</p>
<h2>What to borrow</h2>
<p>Members may borrow our four small telescopes for a month at a time. Most people find that a month is enough to know what they want, and about half find that they want the binoculars.</p>
<h2>What to leave in the catalogue</h2>
<p>Anything that names its magnification on the box. Anything on a stand that trembles when you breathe. Anything with a picture of a nebula in full colour beside it: no eye has ever seen it so.</p>
<p>Come up on a clear Thursday and try ours before you spend anything at all.</p>`,
  },
  {
    slug: 'sound-of-the-dome',
    title: 'What the dome sounds like at three in the morning',
    lead: 'It groans, it ticks, and once an hour it sighs. A night on duty, with the ears.',
    author: 'Ilse Garrow',
    date: '2026-09-27',
    seed: 57,
    caption: 'Where the lens pointed that night. We moved it four times in six hours.',
    body: `
<p>People ask what one sees all night up here. The honest answer is a small bright dot and a great deal of dark. But the hearing is splendid.</p>
<h2>The groan</h2>
<p>The dome weighs two tons and runs on thirty-two wheels that were made for a railway. When it starts to turn it groans like an old dog that has been asked to move over. By the third push it has accepted its fate.</p>
<h2>The tick</h2>
<p>A clock of brass and falling weights keeps the telescope on its star. Somebody winds it every ninety minutes. You notice it only when it stops, and then you notice nothing else.</p>
<h2>The sigh</h2>
<p>Around three the air cools past the temperature of the lens, and the tube gives a small sound like somebody putting down a heavy bag. We have never found out where it comes from. Nobody has looked very hard.</p>`,
  },
];

const articlePage = (article: Article): Page => ({
  path: `/journal/${article.slug}/`,
  title: article.title,
  data: { '@type': 'Article', headline: article.title, datePublished: article.date, author: article.author },
  content: `<article class="read"><h1>${article.title}</h1><p class="by">${article.author} · <time datetime="${article.date}">${article.date}</time></p>
<p class="lead">${article.lead}</p><figure>${skyChart(article.seed)}<figcaption>${article.caption}</figcaption></figure>${article.body}
<p><a href="/journal/">More from the journal</a></p></article>`,
});

export const journal: Page[] = [
  {
    path: '/journal/',
    title: 'Journal',
    content: `<section class="band"><div class="wide"><h1>Journal</h1><div class="cards">${articles
      .map(
        ({ slug, title, lead, seed }) =>
          `<article class="card">${skyChart(seed)}<div><h3><a href="/journal/${slug}/">${title}</a></h3><p>${lead}</p></div></article>`,
      )
      .join('')}</div></div></section>`,
  },
  ...articles.map(articlePage),
];
