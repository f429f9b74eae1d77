import { skyChart } from '../art.js';
import type { Page } from '../layout.js';

const members: Page = {
  path: '/members/',
  title: 'Members’ circle',
  content: `<section class="band"><div class="wide"><h1>The members’ circle</h1>
<p>The dome is pushed round by those who love it. Three ways to be one of them; all of them open the door on any clear evening.</p></div>
<div class="wide" style="padding-top:24px"><div data-sirene="circle-plans"></div></div>
<div class="wide" style="padding-top:36px"><p>A member already? <a href="/sign-in/">Come in by the members’ door.</a></p></div></section>`,
};

const signIn: Page = {
  path: '/sign-in/',
  title: 'Sign in',
  content: `<section class="band"><div class="wide"><h1>The members’ door</h1>
<p>Your key, your evenings and what you have borrowed are kept on a page of their own.</p>
<p><a class="pill" data-members-door href="/members/">Open the door</a></p></div></section>`,
};

const donate: Page = {
  path: '/donate/',
  title: 'A motor for the dome',
  content: `<section class="band"><div class="wide two" style="align-items:start"><div><h1>A motor for the dome</h1>
<p>Since 1931 the dome has been pushed round by hand. Two of our oldest pushers are past eighty. With a motor they could sit down, and the dome could follow a star all night.</p>
<div class="card">${skyChart(33)}<div><h3>How far we are</h3><p>The toothed rail is already in the shed. The motor itself is ordered once the sum is there.</p></div></div></div>
<div><div data-sirene="dome-motor-fund"></div></div></div></section>`,
};

const visit: Page = {
  path: '/visit/',
  title: 'Visits for groups',
  content: `<section class="band"><div class="wide two"><div><h1>Visits for groups</h1>
<p>Schools, clubs and families of more than eight come on weekday afternoons: the sun through a safe filter, a walk along the planets to scale, and the big lens up close.</p>
<p><a class="pill" href="/contact/">Ask about dates</a></p></div>
<div><div class="card">${skyChart(19)}<div><h3>A walk to Neptune</h3><p>Three quarters of a mile, nine posts, and a flask of tea at the end.</p></div></div></div></div></section>`,
};

/** The pages for those who belong to it, and those who come in numbers. */
export const belonging: Page[] = [members, signIn, donate, visit];
