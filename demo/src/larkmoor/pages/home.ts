import { domeNight, lamp, moonPhases, skyChart } from '../art.js';
import type { Page } from '../layout.js';

export const home: Page = {
  path: '/',
  title: 'A small observatory on a dark moor',
  content: `
<div class="hero">${domeNight()}<div class="wide">
<h1>The sky is open on clear evenings</h1>
<p>Come up to the dome, put your eye to a ninety-year-old lens, and see Saturn’s rings for yourself. Children welcome, wool socks advised.</p>
<a class="pill" href="/contact/">Plan an evening</a>
</div></div>
<section class="band"><div class="wide two">
<div><h2>Tonight above Larkmoor</h2>
<p>The moon sets early, so the faint things get their turn: the double cluster, the ring in the Lyre, and the great spiral high in the south-east.</p>
<table><tbody>
<tr><td>Sunset</td><td>16:04</td></tr><tr><td>Fully dark</td><td>18:12</td></tr><tr><td>Saturn highest</td><td>19:40</td></tr><tr><td>Seeing</td><td>Good, light wind</td></tr>
</tbody></table></div>
<div>${moonPhases()}</div>
</div></section>
<section class="band" style="padding-top:0"><div class="wide"><div data-sirene="members-circle"></div></div></section>
<section class="band tint"><div class="wide">
<h2>From the journal</h2>
<div class="cards">
<article class="card">${skyChart(11)}<div><h3><a href="/journal/dark-adaptation/">How to see in the dark</a></h3><p>Why the first twenty minutes decide your whole evening, and what a red lamp has to do with it.</p></div></article>
<article class="card">${skyChart(23)}<div><h3><a href="/journal/first-telescope/">Your first telescope is a pair of binoculars</a></h3><p>What to buy, what to borrow, and what to leave in the catalogue.</p></div></article>
<article class="card">${lamp()}<div><h3><a href="/shop/red-lamp/">The red reading lamp</a></h3><p>From our shop: reads charts, spares eyes. Made for us in the village.</p></div></article>
</div></div></section>
<section class="band"><div class="wide two">
<div><h2>Built by hand, kept by members</h2><p>In 1931 eleven people hauled a six-inch lens up High Lane on a farm cart. The dome has turned every clear night since. It is still pushed round by hand.</p></div>
<div><h2>Bring a class</h2><p>School visits run on weekday afternoons: the sun through a safe filter, a walk along the planets to scale, and the big lens up close.</p><p><a href="/visit/">How a visit goes</a></p></div>
</div></section>`,
};
