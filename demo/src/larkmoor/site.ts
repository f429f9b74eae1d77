import { mark } from './art.js';
import { renderPage, type Page } from './layout.js';
import { contact } from './pages/contact.js';
import { home } from './pages/home.js';
import { journal } from './pages/journal.js';
import { shop } from './pages/shop.js';
import { siteCss } from './style.js';

export const pages: readonly Page[] = [home, ...journal, ...shop, contact];

export { renderPage, siteCss };

/** The site's icon: its mark on night. */
export const icon = mark.replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" color="#5458c7" ');
