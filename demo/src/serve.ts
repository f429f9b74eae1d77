// Serves the demo site: another origin than the studio, as a client's site is.
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { fileURLToPath } from 'node:url';
import { siteKey } from './data/larkmoor.js';
import { memberScript } from './larkmoor/member-script.js';
import { basketScript, icon, pages, pictures, renderPage, siteCss } from './larkmoor/site.js';

const port = Number(process.env['SIRENE_DEMO_PORT'] ?? 4310);
const studio = process.env['SIRENE_ORIGIN'] ?? `http://localhost:${process.env['SIRENE_PORT'] ?? 4300}`;
const font = (name: string) =>
  readFileSync(
    fileURLToPath(import.meta.resolve(`@fontsource-variable/${name}/files/${name}-latin-wght-normal.woff2`)),
  );

const memberTag = '<script src="/member.js"></script>';
const tag = `<script async src="${studio}/s/${siteKey}.js" referrerpolicy="no-referrer-when-downgrade"></script>`;

// The members' door is a page of its own, served from where the widgets come from.
const withDoor = (html: string) =>
  html.replace('data-members-door href="/members/"', `href="${studio}/p/${siteKey}/members-door"`);

const members = `http://127.0.0.1:${process.env['SIRENE_TEST_MEMBER_PORT'] ?? 4328}`;

const files = new Map<string, [type: string, content: string | Buffer]>([
  ['/site.css', ['text/css; charset=utf-8', siteCss]],
  ['/icon.svg', ['image/svg+xml', icon]],
  ['/member.js', ['text/javascript; charset=utf-8', memberScript(members)]],
  ['/basket.js', ['text/javascript; charset=utf-8', basketScript]],
  ...[...pictures].map(([path, svg]): [string, [string, string]] => [
    path,
    ['image/svg+xml', svg.replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" ')],
  ]),
  ['/fonts/fraunces.woff2', ['font/woff2', font('fraunces')]],
  ['/fonts/figtree.woff2', ['font/woff2', font('figtree')]],
  ...pages.map((page): [string, [string, string]] => [
    page.path,
    ['text/html; charset=utf-8', withDoor(renderPage(page, memberTag + tag))],
  ]),
]);

const server = createServer((request, response) => {
  const { pathname, searchParams } = new URL(request.url ?? '/', `http://localhost:${port}`);
  const file = files.get(pathname) ?? files.get(`${pathname}/`);
  // The bench measures the same page without the script.
  const plain = searchParams.has('plain');
  const [type, content] = file ?? ['text/plain; charset=utf-8', 'There is no such page.'];
  response.writeHead(file ? 200 : 404, {
    'content-type': type,
    // The stage stands on copies of these pages and needs their fonts.
    'access-control-allow-origin': '*',
    'cache-control': type.startsWith('font/') ? 'max-age=86400' : 'no-cache',
  });
  response.end(plain && typeof content === 'string' ? content.replace(tag, '') : content);
});

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = error.code === 'EADDRINUSE';
  console.error(taken ? `Port ${port} is taken. Choose another with SIRENE_DEMO_PORT.` : error.message);
  process.exit(1);
});
server.listen(port, () => console.log(`Larkmoor Observatory is open: http://localhost:${port}`));
