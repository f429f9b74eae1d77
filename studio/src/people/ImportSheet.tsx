import { Button, Field, Input, Stack, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { at, type AnswerOf, type MailingList, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { count } from '../shared/format.ts';
import { Sheet } from '../shared/Sheet.tsx';
import { sendFile } from '../shared/send-file.ts';
import { useAttempt } from '../shared/use-attempt.ts';

type Imported = AnswerOf<'/api/sites/{site}/lists/{list}/import', 'post'>;

/** Brings people onto a list from a file: tried first, then done. */
export function ImportSheet({
  site,
  list,
  onChange,
  onClose,
}: {
  site: Site;
  list: MailingList;
  onChange(): void;
  onClose(): void;
}) {
  const [file, setFile] = useState<File | null>(null);
  const [words, setWords] = useState('');
  const [found, setFound] = useState<Imported | null>(null);
  const [isDone, setDone] = useState(false);
  const { error, busy, attempt } = useAttempt();
  const path = at('/api/sites/{site}/lists/{list}/import', { site: site.id, list: list.id });
  const isWhole = file !== null && words.trim().length >= 3;
  const run = (dry: boolean) =>
    attempt(async () => {
      if (!file) return;
      const said = { words: words.trim(), ...(dry && { dry: 'true' }) };
      setFound(await sendFile<Imported>(path, file, said));
      setDone(!dry);
      if (!dry) onChange();
    });
  const canImport = found !== null && !isDone && found.added > 0;
  return (
    <Sheet
      title={`Import into ${list.name}`}
      onClose={onClose}
      onSubmit={() => isWhole && !isDone && inBackground(run(!canImport))}
      foot={
        isDone ? (
          <Button type="button" colorPalette="signal" onClick={onClose}>
            Close
          </Button>
        ) : (
          <Button type="submit" colorPalette="signal" loading={busy} disabled={!isWhole}>
            {canImport ? `Import ${people(found.added)}` : 'Check the file'}
          </Button>
        )
      }
    >
      <Stack gap="4">
        <Field.Root>
          <Field.Label>File</Field.Label>
          <Input
            type="file"
            pt="1.5"
            accept=".csv,.tsv,.txt,.vcf,text/csv,text/vcard"
            onChange={({ target }) => {
              setFile(target.files?.[0] ?? null);
              setFound(null);
              setDone(false);
            }}
          />
          <Field.HelperText>
            CSV with a column of e-mail addresses and one of names, or vCards. Whoever has left the list stays
            off it.
          </Field.HelperText>
        </Field.Root>
        <Field.Root>
          <Field.Label>Where and how they agreed</Field.Label>
          <Textarea
            rows={2}
            maxLength={1000}
            placeholder="Signed on paper at the open day, 3 May"
            value={words}
            onChange={({ target }) => setWords(target.value)}
          />
          <Field.HelperText>Kept with each of them as the proof.</Field.HelperText>
        </Field.Root>
        {error !== null && <ErrorNote error={error} />}
        {found && <Found found={found} isDone={isDone} />}
      </Stack>
    </Sheet>
  );
}

const people = (many: number) => `${count(many)} ${many === 1 ? 'person' : 'people'}`;

function Found({
  found: { rows, added, already, suppressed, broken, problems },
  isDone,
}: {
  found: Imported;
  isDone: boolean;
}) {
  return (
    <Stack gap="1" role="status">
      <Text fontWeight="600">
        {isDone ? `${people(added)} imported` : `${people(added)} of ${count(rows)} rows can be imported`}
      </Text>
      {already > 0 && (
        <Text color="slate">{count(already)} are on the list already, or are in the file twice.</Text>
      )}
      {suppressed > 0 && <Text color="slate">{count(suppressed)} have left the list, and stay off it.</Text>}
      {broken > 0 && <Text color="wine">{count(broken)} can’t be read:</Text>}
      <Stack as="ul" gap="0" listStyleType="none" fontSize="13px" maxH="160px" overflow="auto">
        {problems.map(({ row, reason }) => (
          <li key={row}>
            Row {row}: {reason}
          </li>
        ))}
      </Stack>
    </Stack>
  );
}
