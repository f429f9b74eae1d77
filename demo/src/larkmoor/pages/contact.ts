import { skyChart } from '../art.js';
import type { Page } from '../layout.js';

export const contact: Page = {
  path: '/contact/',
  title: 'Contact',
  content: `<section class="band"><div class="wide two"><div><h1>Find us, ask us</h1>
<p>The desk is staffed on open evenings from an hour before dark. By day, write: somebody reads the mail every morning over the first cup.</p>
<table><tbody><tr><td>Desk</td><td><a href="mailto:desk@larkmoor.example">desk@larkmoor.example</a></td></tr>
<tr><td>School visits</td><td><a href="mailto:schools@larkmoor.example">schools@larkmoor.example</a></td></tr>
<tr><td>Open</td><td>Wednesday to Sunday</td></tr></tbody></table></div>
<div><div class="card">${skyChart(5)}<div><h3>Up High Lane, to the end</h3><p>The last half mile has no lights, on purpose. Please dip your headlamps at the gate.</p></div></div></div>
</div><div class="wide" style="padding-top:40px"><h2>Bring your class</h2>
<p>School classes, clubs and families come on evenings of their own, with a guide, from six children on.</p>
<p><a class="button" href="#school-visit">Ask for a group visit</a></p></div><div class="wide" style="padding-top:40px"><div data-sirene="ask-the-observatory"></div></div></section>`,
};
