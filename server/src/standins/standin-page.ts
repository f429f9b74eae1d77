import { h, type Html } from '@sirene/core/compile';
import { htmlPage, styleElement } from '../shared/html-page.js';

const css = `
body{font:16px/1.5 system-ui,sans-serif;background:#eef0f3;color:#1c2128;display:grid;place-items:center;min-height:100vh;padding:24px;box-sizing:border-box}
main{background:#fff;border:1px solid #ccd2da;border-radius:8px;padding:32px;width:100%;max-width:440px;box-sizing:border-box}
h1{font-size:22px;margin:0 0 6px}p{margin:0 0 16px}.sum{font-size:30px;font-weight:600;margin:0 0 20px}label{display:grid;gap:4px}
form{display:grid;gap:10px}button,input{font:inherit;min-height:44px;border-radius:6px;border:1px solid #8a94a3;background:#fff;color:inherit;padding:0 12px;box-sizing:border-box}
button{cursor:pointer}button.first{background:#1f5f8b;border-color:#1f5f8b;color:#fff;font-weight:600}button:focus-visible,input:focus-visible{outline:3px solid #1f5f8b;outline-offset:2px}
.texts{width:100%;height:300px;border:1px solid #ccd2da;border-radius:6px;margin:0 0 16px}.small{font-size:13px;color:#566070;margin:18px 0 0}`;

/** A page of a stand-in: plainly none of the site's. */
export const standinPage = (title: string, inside: readonly (Html | null)[], foot: string): string =>
  htmlPage(
    { title },
    [h('meta', { name: 'robots', content: 'noindex' }), styleElement(css)],
    [h('main', {}, h('h1', {}, title), ...inside, h('p', { class: 'small' }, foot))],
  );
