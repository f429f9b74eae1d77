import { mark } from './art.js';
import { renderPage, type Page } from './layout.js';
import { contact } from './pages/contact.js';
import { home } from './pages/home.js';
import { journal } from './pages/journal.js';
import { evenings } from './pages/evenings.js';
import { belonging } from './pages/members.js';
import { pictures, shop } from './pages/shop.js';
import { siteCss } from './style.js';

export const pages: readonly Page[] = [home, ...evenings, ...journal, ...shop, ...belonging, contact];

export { basketScript } from './basket-script.js';
export { pictures, renderPage, siteCss };

/** The site's icon: its mark on night. */
export const icon = mark.replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" color="#5458c7" ');
