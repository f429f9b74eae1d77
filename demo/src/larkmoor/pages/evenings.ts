import { domeNight, moonPhases, skyChart } from '../art.js';
import type { Page } from '../layout.js';

/** What is to be seen tonight. */
const tonight: Page = {
  path: '/tonight/',
  title: 'Tonight’s sky',
  content: `<section class="band"><div class="wide two"><div><h1>Tonight’s sky</h1>
<p>The moon sets early, so the faint things get their turn. Begin in the west with the last of the summer stars, then turn round and let the winter ones climb over the moor.</p>
<table><tbody><tr><td>Sunset</td><td>16:04</td></tr><tr><td>Fully dark</td><td>18:12</td></tr><tr><td>Saturn highest</td><td>19:40</td></tr>
<tr><td>The Seven Sisters rise</td><td>17:20</td></tr><tr><td>Seeing</td><td>Good, light wind</td></tr></tbody></table></div>
<div><div class="card">${skyChart(77)}<div><h3>The sky at nine</h3><p>Hold the chart above your head; south is where your feet point.</p></div></div></div></div></section>
<section class="band tint"><div class="wide"><h2>The moon this month</h2>${moonPhases()}</div></section>`,
};

const shows: Page = {
  path: '/shows/',
  title: 'Evening shows',
  content: `<section class="band"><div class="wide"><h1>Evening shows</h1>
<p>Every clear evening from Wednesday to Sunday. Under cloud we talk, and there is soup.</p><div class="cards">
<article class="card">${skyChart(91)}<div><h3><a href="/shows/meteor-night/">Meteor night</a></h3><p>Lie down on the moor, look up, count. Blankets are ours, socks are yours.</p></div></article>
<article class="card">${skyChart(52)}<div><h3>First light</h3><p>For those who have never looked through a telescope. Thursdays, two hours.</p></div></article>
<article class="card">${skyChart(64)}<div><h3>The long look</h3><p>One faint thing, one whole evening, one big lens. Members first.</p></div></article></div>
<p>Were you here lately? <a href="#how-was-your-evening">Tell us how it was</a>.</p></div></section>`,
};

const meteorNight: Page = {
  path: '/shows/meteor-night/',
  title: 'Meteor night',
  data: {
    '@type': 'Event',
    name: 'Meteor night',
    startDate: '2026-12-13T21:00:00+00:00',
    location: { '@type': 'Place', name: 'Larkmoor Observatory' },
    offers: { '@type': 'Offer', price: 9, priceCurrency: 'EUR' },
  },
  content: `<div class="hero low">${domeNight()}<div class="wide"><h1>Meteor night</h1>
<p>Once a year the earth runs through the dust of a small grey rock, and for a few hours the sky throws sparks.</p></div></div>
<article class="read"><p class="lead">Come at nine, lie down on the moor behind the dome, and count. The record stands at 104 in an hour, held by a girl of eleven.</p>
<h2>What happens</h2><p>We switch off every lamp in the building at half past eight. There is a fire in the lower field for those who get cold and a list on the wall for those who count. Around midnight somebody reads out the tally.</p>
<h2>What it costs</h2><p>Nine euros, four for children, nothing for members. Under cloud we move to the next clear night and tell you by letter.</p></article>`,
};

/** The pages about evenings at the observatory. */
export const evenings: Page[] = [tonight, shows, meteorNight];
