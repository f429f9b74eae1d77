import { readdir } from 'node:fs/promises';
import { request } from 'node:http';
import { join } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { deflateSync } from 'node:zlib';
import fc from 'fast-check';
import { DataSource } from 'typeorm';
import { fromBufferPromise } from 'yauzl';
import {
  origin,
  publishAlso,
  publishSignup,
  signupDocument,
  submission,
  TestServer,
} from '../testing/server.js';
import { fileName } from './file-name.js';
import { FileEntity } from './files.entity.js';
import { FilesService } from './files.service.js';

describe('a name', () => {
  it.each([
    ['slip.pdf', 'slip.pdf'],
    ['../../etc/passwd.pdf', 'passwd.pdf'],
    ['C:\\Users\\Mira\\slip.pdf', 'slip.pdf'],
    ['inno\u202efdp.exe', 'innofdp.exe'],
    ['a\r\nb\u0000.png', 'ab.png'],
    ['.htaccess', 'htaccess'],
    ['...', 'file'],
    ['', 'file'],
    ['.pdf', 'pdf'],
    ['日本の星.png', '日本の星.png'],
  ])('%j is kept as %j', (given, kept) => {
    expect(fileName(given)).toBe(kept);
  });

  it('is never empty, never a path, and never long', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (given) => {
        const name = fileName(given);
        expect(name.length).toBeGreaterThan(0);
        expect(name.length).toBeLessThanOrEqual(120);
        expect(name).not.toMatch(/[\\/\p{Cc}]/u);
        expect(name).not.toMatch(/^\.{1,2}$/);
      }),
    );
  });
});

/** A picture of one pixel, with so many bytes behind its end. */
function png(padding = 0): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const head = Buffer.alloc(8);
    head.writeUInt32BE(data.length);
    head.write(type, 4, 'latin1');
    return Buffer.concat([head, data, Buffer.alloc(4)]);
  };
  const header = Buffer.from([0, 0, 0, 1, 0, 0, 0, 1, 8, 2, 0, 0, 0]);
  return Buffer.concat([
    Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'),
    chunk('IHDR', header),
    chunk('IDAT', deflateSync(Buffer.alloc(4))),
    chunk('IEND', Buffer.alloc(0)),
    Buffer.alloc(padding, 1),
  ]);
}

const pdf = Buffer.from('%PDF-1.7\n1 0 obj\n<<>>\nendobj\ntrailer\n<<>>\n%%EOF\n');
const dayMs = 86_400_000;

describe('files of visitors', () => {
  let server: TestServer;
  let there: Awaited<ReturnType<typeof publishSignup>>;
  beforeAll(async () => {
    server = await TestServer.start();
    there = await publishSignup(server);
    const document = signupDocument();
    document.name = 'Visit';
    document.elements['slip'] = {
      ...{ type: 'file-field', key: 'slip', label: 'Permission slip', types: ['pictures', 'pdf'] },
      ...{ megabytes: 1, most: 2, required: false },
    } as never;
    document.elements['form'] = { type: 'form', children: ['name', 'email', 'slip', 'send'] };
    document.afterwards.actions = [];
    there = await publishAlso(server, there, document);
  });
  afterAll(() => server.stop());

  const addressOf = (name: string, field = 'slip') =>
    `${server.address}/c/${there.key}/files?${new URLSearchParams({
      ...{ widget: there.widget, body: there.body, form: 'form', field, name },
    })}`;

  async function sendFile(name: string, content: Buffer, field?: string) {
    const answer = await fetch(addressOf(name, field), {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream', origin },
      body: new Uint8Array(content),
    });
    return { status: answer.status, body: (await answer.json()) as { id: string; message: string } };
  }
  const sendForm = async (slip: string) => {
    const sent = submission(there, { slip });
    const { status, body } = await server.post(`/c/${there.key}/submissions`, sent, { origin });
    return { status, body, id: sent.id };
  };
  const stored = () => readdir(join(server.folder, 'files')).catch(() => [] as string[]);
  const fieldOf = async (id: string) =>
    (await server.get(`/api/sites/${there.siteId}/submissions/${id}`)).body.fields.find(
      ({ key }: { key: string }) => key === 'slip',
    );

  it('come with the submission, and are read by those who work there', async () => {
    // More than a form may have: it is none.
    const picture = png(200_000);
    const [first, second] = [await sendFile('../me.PNG', picture), await sendFile('slip.pdf', pdf)];
    expect([first.status, second.status]).toEqual([202, 202]);
    const { status, id } = await sendForm(`${first.body.id} me.PNG\n${second.body.id} slip.pdf`);
    expect(status).toBe(202);
    const field = await fieldOf(id);
    expect(field).toMatchObject({
      value: 'me.PNG\nslip.pdf',
      files: [
        { name: 'me.PNG', type: 'image/png', bytes: picture.length },
        { name: 'slip.pdf', type: 'application/pdf', bytes: pdf.length },
      ],
    });
    const read = (file: string) =>
      fetch(`${server.address}/api/sites/${there.siteId}/files/${file}`, {
        headers: { cookie: server.cookie },
      });
    const shown = await read(first.body.id);
    expect(Buffer.from(await shown.arrayBuffer()).equals(picture)).toBe(true);
    expect(shown.headers.get('content-type')).toBe('image/png');
    expect(shown.headers.get('content-security-policy')).toBe("default-src 'none'; sandbox");
    const saved = await read(second.body.id);
    expect(saved.headers.get('content-type')).toBe('application/octet-stream');
    expect(saved.headers.get('content-disposition')).toBe("attachment; filename*=UTF-8''slip.pdf");
    expect((await read('f'.repeat(32))).status).toBe(404);
    const stranger = await fetch(`${server.address}/api/sites/${there.siteId}/files/${first.body.id}`);
    expect(stranger.status).toBe(401);
  });

  it('go along when all that is kept of a person is handed over, which another library unpacks', async () => {
    const [first, second] = [await sendFile('me.png', png()), await sendFile('me.png', png(50))];
    await sendForm(`${first.body.id} me.png\n${second.body.id} me.png`);
    const { body: people } = await server.get(`/api/sites/${there.siteId}/persons`);
    const path = `/api/sites/${there.siteId}/persons/${people.persons[0].id}/export.zip`;
    const answer = await fetch(server.address + path, { headers: { cookie: server.cookie } });
    expect(answer.headers.get('content-type')).toBe('application/zip');
    const zip = await fromBufferPromise(Buffer.from(await answer.arrayBuffer()));
    const entries = new Map<string, Buffer>();
    for await (const entry of zip.eachEntry())
      entries.set(entry.fileName, await buffer(await zip.openReadStreamPromise(entry)));
    const names = [...entries.keys()];
    expect(names[0]).toBe('person.json');
    expect(names.filter((name) => /^files\/\d+-me\.png$/.test(name)).length).toBeGreaterThanOrEqual(2);
    expect(JSON.parse(String(entries.get('person.json')))).toMatchObject({ site: 'Larkmoor' });
    expect(
      entries
        .get(names.at(-1) ?? '')
        ?.subarray(1, 4)
        .toString(),
    ).toBe('PNG');
  });

  it.each([
    ['a program under the name of a picture', 'me.png', Buffer.from('MZ\x90\x00 program'), 415],
    [
      'a page that is a picture too',
      'me.html',
      Buffer.concat([png(), Buffer.from('<script>1</script>')]),
      415,
    ],
    ['a picture under another ending', 'me.pdf', png(), 415],
    ['what is not asked for', 'me.zip', Buffer.from('PK\x03\x04'), 415],
    ['nothing', 'me.png', Buffer.alloc(0), 415],
    ['one that is too large', 'me.png', png(1_000_001), 413],
  ])('%s is refused, and nothing of it stays', async (_, name, content, status) => {
    const before = await stored();
    expect((await sendFile(name, content)).status).toBe(status);
    expect(await stored()).toEqual(before);
    expect(await readdir(join(server.folder, 'uploads'))).toEqual([]);
  });

  it('are taken for fields that ask for some, from pages of the site', async () => {
    expect((await sendFile('me.png', png(), 'email')).status).toBe(404);
    const foreign = await fetch(addressOf('me.png'), {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream', origin: 'https://elsewhere.example' },
      body: 'x',
    });
    expect(foreign.status).toBe(403);
    const asJson = await fetch(addressOf('me.png'), {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin },
      body: '{}',
    });
    expect(asJson.status).toBe(400);
  });

  it.each([
    ['was never sent', () => `${'a'.repeat(32)} me.png`],
    ['is still on its way', () => ' me.png'],
  ])('a form that names one that %s is answered with the field at fault', async (_, slip) => {
    const { status, body } = await sendForm(slip());
    expect([status, body.faults[0].key]).toEqual([422, 'slip']);
  });

  it('belong to one submission: another that names the same is refused', async () => {
    const { body } = await sendFile('me.png', png());
    const line = `${body.id} me.png`;
    expect((await sendForm(line)).status).toBe(202);
    expect((await sendForm(line)).status).toBe(422);
    expect((await sendForm(`${line}\n${line}`)).status).toBe(422);
  });

  it('leave nothing behind where the connection is lost', async () => {
    const before = await stored();
    await new Promise<void>((closed) => {
      const sending = request(addressOf('me.png'), {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream', origin, 'content-length': 500_000 },
      });
      sending.on('error', () => closed());
      sending.write(png(), () => setImmediate(() => sending.destroy()));
    });
    await expect(emptied(join(server.folder, 'uploads'))).resolves.toBe(true);
    expect(await stored()).toEqual(before);
  });

  it('go after eight days without a submission, and with their person', async () => {
    const lost = await sendFile('lost.png', png());
    const { body: people } = await server.get(`/api/sites/${there.siteId}/persons`);
    expect(await stored()).toContain(lost.body.id);
    server.clock.pass(7 * dayMs);
    await server.app.get(FilesService).sweep();
    expect(await stored()).toContain(lost.body.id);
    server.clock.pass(dayMs + 1);
    await server.signIn();
    await server.app.get(FilesService).sweep();
    expect(await stored()).not.toContain(lost.body.id);
    expect(await stored()).toHaveLength(5);
    await server.send('DELETE', `/api/sites/${there.siteId}/persons/${people.persons[0].id}`);
    expect(await stored()).toEqual([]);
  });

  it('are refused while a thousand wait for their form, until those have waited for a day', async () => {
    const rows = Array.from({ length: 1000 }, (_, at) => ({
      ...{ id: String(at).padStart(32, '0'), siteId: there.siteId, submissionId: null },
      ...{ name: 'me.png', type: 'image/png', bytes: 1, sentAt: server.clock.time },
    }));
    await server.app.get(DataSource).getRepository(FileEntity).insert(rows);
    expect((await sendFile('me.png', png())).status).toBe(429);
    server.clock.pass(dayMs + 1);
    expect((await sendFile('me.png', png())).status).toBe(202);
  });
});

/** Whether a folder becomes empty, looked at as often as the server had a turn. */
async function emptied(folder: string): Promise<boolean> {
  for (let turn = 0; turn < 2000; turn++) {
    if ((await readdir(folder)).length === 0) return true;
    await new Promise((next) => setImmediate(next));
  }
  return false;
}
