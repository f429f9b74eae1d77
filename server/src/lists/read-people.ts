import { createReadStream } from 'node:fs';
import { open } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { TextDecoderStream } from 'node:stream/web';
import { isMailAddress } from '@sirene/core/actions';
import { parse } from 'csv-parse';
import ICAL from 'ical.js';

/** Somebody in a file, or what is wrong with a row of it; rows are counted as people see them, from 1. */
export type Read = { row: number; email: string; name: string } | { row: number; reason: string };

const longestName = 200;
/** The longest line of a CSV file and the longest card that are read, in characters. */
const longestRecord = 100_000;

/** People in a CSV file (RFC 4180; commas, semicolons or tabs) or in vCards (RFC 6350), in UTF-8 or UTF-16. */
export async function* readPeople(path: string): AsyncGenerator<Read> {
  const start = await firstBytes(path);
  const encoding =
    start[0] === 0xff && start[1] === 0xfe
      ? 'utf-16le'
      : start[0] === 0xfe && start[1] === 0xff
        ? 'utf-16be'
        : 'utf-8';
  const head = new TextDecoder(encoding).decode(start);
  const text = Readable.toWeb(createReadStream(path)).pipeThrough(new TextDecoderStream(encoding));
  yield* /^\s*BEGIN:VCARD/i.test(head) ? cards(text) : table(text, separatorOf(head));
}

async function firstBytes(path: string): Promise<Buffer> {
  const file = await open(path);
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(4096), 0, 4096, 0);
    return buffer.subarray(0, bytesRead);
  } finally {
    await file.close();
  }
}

/** What separates the columns: that which the first line has most of. */
function separatorOf(head: string): string {
  const [line = ''] = head.split(/\r?\n/);
  return [',', ';', '\t'].reduce((best, one) =>
    line.split(one).length > line.split(best).length ? one : best,
  );
}

const isMail = /e-?mail|mail|courriel|correo/i;
const isGiven = /first|given|vorname|prénom|nombre/i;
const isFamily = /last|family|surname|nachname|nom de famille|apellido/i;
const isName = /name|nom|nombre/i;

async function* table(text: AsyncIterable<string>, delimiter: string): AsyncGenerator<Read> {
  const problems: Read[] = [];
  const parser = Readable.from(text).pipe(
    parse({
      bom: true,
      delimiter,
      info: true,
      relax_column_count: true,
      relax_quotes: true,
      skip_empty_lines: true,
      skip_records_with_error: true,
      max_record_size: longestRecord,
      on_skip: (error) => {
        problems.push({ row: Number(error?.['lines'] ?? 0), reason: 'can’t be read as a row' });
        return undefined;
      },
    }),
  );
  let columns: { email: number; names: number[] } | undefined;
  for await (const { record, info } of parser as AsyncIterable<{
    record: string[];
    info: { lines: number };
  }>) {
    yield* problems.splice(0);
    if (!columns) {
      columns = columnsOf(record);
      // A table without headings begins with somebody.
      if (!isMailAddress((record[columns.email] ?? '').trim())) continue;
    }
    const { email, names } = columns;
    yield personOf(info.lines, record[email] ?? '', names.map((at) => record[at] ?? '').join(' '));
  }
  yield* problems;
}

function columnsOf(headings: readonly string[]): { email: number; names: number[] } {
  const find = (pattern: RegExp) => headings.findIndex((heading) => pattern.test(heading));
  const [mail, given, family, name] = [isMail, isGiven, isFamily, isName].map(find) as [
    number,
    number,
    number,
    number,
  ];
  const address = headings.findIndex((cell) => isMailAddress(cell.trim()));
  const email = mail >= 0 && address < 0 ? mail : Math.max(address, 0);
  const names = given >= 0 && family >= 0 ? [given, family] : name >= 0 ? [name] : [];
  return { email, names: names.filter((at) => at !== email) };
}

async function* cards(text: AsyncIterable<string>): AsyncGenerator<Read> {
  let [rest, row] = ['', 0];
  for await (const chunk of text) {
    const parts = (rest + chunk).split(/^END:VCARD[ \t]*\r?\n?/im);
    rest = parts.pop() ?? '';
    for (const part of parts) yield cardOf(++row, part);
    if (rest.length > longestRecord) {
      yield { row: ++row, reason: 'is too long for a card' };
      rest = '';
    }
  }
  if (rest.trim() !== '') yield { row: row + 1, reason: 'is a card without an end' };
}

function cardOf(row: number, text: string): Read {
  try {
    const card = new ICAL.Component(
      ICAL.parse(`${text.replace(/^\ufeff/, '').trim()}\r\nEND:VCARD`) as never,
    );
    const value = (name: string) => String(card.getFirstPropertyValue(name) ?? '');
    return personOf(row, value('email').replace(/^mailto:/i, ''), value('fn'));
  } catch {
    return { row, reason: 'can’t be read as a card' };
  }
}

function personOf(row: number, written: string, name: string): Read {
  const email = written.trim();
  if (email === '') return { row, reason: 'has no e-mail address' };
  if (!isMailAddress(email)) return { row, reason: `“${email.slice(0, 60)}” is not an e-mail address` };
  return {
    row,
    email,
    name: name
      .replace(/[\p{Cc}\s]+/gu, ' ')
      .trim()
      .slice(0, longestName),
  };
}
