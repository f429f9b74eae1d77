import readXlsx from 'read-excel-file/node';
import { OutboxService } from '../actions/outbox.service.js';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../testing/server.js';
import { cellsOf, grownColumns } from './columns.js';
import { sheetCsv, sheetXlsx } from './sheet-files.js';
import type { SheetColumn, SheetRowEntity } from './sheets.entity.js';

const field = (key: string, label: string, value = '', answer?: number) => ({
  ...{ key, label, value },
  ...(answer !== undefined && { answer }),
});

describe('columns', () => {
  it('stay where they are, take the new label of a field, and grow at the end', () => {
    const first = grownColumns([], [field('name', 'Name'), field('email', 'E-mail')]);
    const next = grownColumns(first, [field('phone', 'Phone'), field('email', 'Your e-mail')]);
    expect(next).toEqual([
      { key: 'name', label: 'Name' },
      { key: 'email', label: 'Your e-mail' },
      { key: 'phone', label: 'Phone' },
    ]);
    expect(grownColumns(next, [])).toEqual(next);
  });

  it('hold numbers as numbers', () => {
    expect(cellsOf([field('a', 'A', '€ 3.50', 3.5), field('b', 'B', '=1+1')])).toEqual({
      a: 3.5,
      b: '=1+1',
    });
  });
});

const at = Date.UTC(2026, 10, 24, 12);
async function* pagesOf(...cells: SheetRowEntity['cells'][]) {
  yield cells.map((one, number) => ({ number, sheetId: 's', deliveryId: `${number}`, at, cells: one }));
}

/** A workbook as another library reads it. */
async function workbook(name: string, columns: SheetColumn[], ...cells: SheetRowEntity['cells'][]) {
  const parts: Buffer[] = [];
  for await (const part of sheetXlsx(name, columns, pagesOf(...cells))) parts.push(part as Buffer);
  return { rows: await readXlsx(Buffer.concat(parts)), size: Buffer.concat(parts).length };
}

describe('a file', () => {
  const columns = [
    { key: 'name', label: 'Name' },
    { key: 'total', label: 'Total' },
  ];

  it('in XLSX is what another library reads: times, numbers, and texts that nothing calculates', async () => {
    const odd = 'a\u0000b\u0008 <&> "x"\n日本 \ud800 end';
    const { rows } = await workbook(
      'Visits: [all] / 2026?',
      columns,
      { name: '=HYPERLINK("http://x.example")', total: 143.5 },
      { name: odd },
      { name: 'x'.repeat(40_000) },
    );
    expect(rows[0]).toEqual(['Received', 'Name', 'Total']);
    expect(rows[1]).toEqual([new Date(at), '=HYPERLINK("http://x.example")', 143.5]);
    expect(rows[2]?.[1]).toBe('ab <&> "x"\n日本  end');
    expect(String(rows[3]?.[1])).toHaveLength(32_767);
  });

  it('has a sheet whatever it is called', async () => {
    for (const name of ['', "'''", '[]', 'x'.repeat(80)])
      expect((await workbook(name, columns)).rows).toEqual([['Received', 'Name', 'Total']]);
  });

  it('in CSV is harmless to spreadsheets', async () => {
    const parts: string[] = [];
    for await (const part of sheetCsv(columns, pagesOf({ name: '=1+1', total: 2 }))) parts.push(part);
    expect(parts.join('')).toBe("\ufeffReceived,Name,Total\r\n2026-11-24T12:00:00.000Z,'=1+1,2\r\n");
  });
});

describe('a sheet', () => {
  let server: TestServer;
  let there: Awaited<ReturnType<typeof publishSignup>>;
  beforeAll(async () => {
    server = await TestServer.start();
    there = await publishSignup(server);
    const document = signupDocument();
    document.name = 'Visit';
    document.afterwards.actions = [{ type: 'sheet', sheet: 'Visits' }];
    there = await publishAlso(server, there, document);
    for (const email of ['mira@stone.example', 'bran@holt.example'])
      await server.post(`/c/${there.key}/submissions`, submission(there, { email }), { origin });
    await server.app.get(OutboxService).runDue();
  });
  afterAll(() => server.stop());

  const path = (rest = '') => `/api/sites/${there.siteId}/sheets${rest}`;
  const listed = async () => (await server.get(path())).body[0];
  const publicPath = (address: string) => address.replace('http://studio.example', '');

  it('gets a row for each submission, however often it is tried', async () => {
    const { id, rows } = await listed();
    expect(rows).toBe(2);
    const { body } = await server.get(path(`/${id}/rows`));
    expect(body.columns).toEqual([
      { key: 'name', label: 'Your name' },
      { key: 'email', label: 'E-mail' },
    ]);
    expect(body.rows.map(({ cells }: { cells: { email: string } }) => cells.email)).toEqual([
      'bran@holt.example',
      'mira@stone.example',
    ]);
    const { body: sent } = await server.get(`/api/sites/${there.siteId}/submissions`);
    await server.post(`/api/sites/${there.siteId}/deliveries/${sent.submissions[0].deliveries[0].id}/repeat`);
    await server.app.get(OutboxService).runDue();
    expect((await listed()).rows).toBe(2);
  });

  it('is opened by its secret address without a session, until that is replaced', async () => {
    const { id, address } = await listed();
    expect(address).toMatch(new RegExp(`^http://studio\\.example/p/${there.key}/sheets/[\\w-]{43}\\.csv$`));
    const cookieless = (to: string) => fetch(server.address + publicPath(to));
    const csv = await cookieless(address);
    expect(await csv.text()).toContain('mira@stone.example');
    expect(csv.headers.get('cache-control')).toBe('no-store');
    const xlsx = await cookieless(address.replace(/csv$/, 'xlsx'));
    expect((await readXlsx(Buffer.from(await xlsx.arrayBuffer()))).length).toBe(3);
    const renewed = await server.post(path(`/${id}/address`));
    expect(renewed.body.address).not.toBe(address);
    expect((await cookieless(address)).status).toBe(404);
    expect((await cookieless(renewed.body.address)).status).toBe(200);
    for (const odd of ['x.csv', `${'a'.repeat(43)}.csv`, '..%2f..%2fx.csv', `${'a'.repeat(43)}.exe`])
      expect((await cookieless(address.replace(/[^/]+$/, odd))).status).toBe(404);
  });

  it('is had as a file by those who work on the site', async () => {
    const { id } = await listed();
    const csv = await server.get(path(`/${id}/rows.csv`));
    expect(csv.headers.get('content-disposition')).toContain("filename*=UTF-8''Visits.csv");
    expect((await server.get(path('/no/rows.xlsx'))).status).toBe(404);
  });

  it('loses the row of a person who is erased', async () => {
    const { body } = await server.get(`/api/sites/${there.siteId}/persons?words=mira`);
    await server.send('DELETE', `/api/sites/${there.siteId}/persons/${body.persons[0].id}`);
    expect((await listed()).rows).toBe(1);
  });
});
