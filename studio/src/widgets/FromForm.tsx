import { Box, Button, Field, Flex, Input, NativeSelect, Stack, Text, Textarea } from '@chakra-ui/react';
import type { Kind } from '@sirene/core/document/widget';
import { widgetOfForm } from '@sirene/core/library/takeover';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { at, post, type Site, type TakenForm } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { fieldsInWords } from './fields-in-words.ts';
import { kindNames } from './kinds.ts';

/** Makes a widget of a form that the site has already: its page is read, or its HTML. */
export function FromForm({ site }: { site: Site }) {
  const navigate = useNavigate();
  const [address, setAddress] = useState('');
  const [html, setHtml] = useState('');
  const [forms, setForms] = useState<TakenForm[] | null>(null);
  const [chosen, setChosen] = useState(0);
  const [kind, setKind] = useState<Kind>('form');
  const { error, busy, attempt } = useAttempt();
  const form = forms?.[chosen];
  const example = `${site.origins[0] ?? 'https://…'}/contact/`;
  const read = (source: { address: string } | { html: string }) =>
    attempt(async () => {
      setChosen(0);
      setForms(null);
      setForms(await post(at('/api/sites/{site}/pages/forms', { site: site.id }), source));
    });
  const create = (taken: TakenForm) =>
    attempt(async () => {
      const document = widgetOfForm(taken, taken.title, kind);
      const path = at('/api/sites/{site}/widgets', { site: site.id });
      const widget = await post(path, { name: taken.title, document });
      await navigate(`/widgets/${widget.id}`);
    });
  return (
    <Stack gap="4">
      <Field.Root>
        <Field.Label>Address of a page of {site.name}</Field.Label>
        <Flex gap="2" w="full">
          <Input
            size="sm"
            value={address}
            placeholder={example}
            onChange={({ target }) => setAddress(target.value)}
          />
          <Button
            size="sm"
            variant="outline"
            colorPalette="plain"
            disabled={busy || address.trim() === ''}
            onClick={() => inBackground(read({ address: address.trim() }))}
          >
            Read page
          </Button>
        </Flex>
      </Field.Root>
      <Field.Root>
        <Field.Label>Or the form as HTML</Field.Label>
        <Textarea
          size="sm"
          rows={3}
          fontFamily="mono"
          placeholder="<form>…</form>"
          maxLength={900_000}
          value={html}
          onChange={({ target }) => setHtml(target.value)}
        />
        {html.trim() !== '' && (
          <Button
            size="sm"
            variant="outline"
            colorPalette="plain"
            mt="1"
            disabled={busy}
            onClick={() => inBackground(read({ html }))}
          >
            Read HTML
          </Button>
        )}
      </Field.Root>
      {error !== null && <ErrorNote error={error} />}
      {forms?.length === 0 && <Text role="status">There is no form with fields in it.</Text>}
      {forms && forms.length > 1 && (
        <Field.Root>
          <Field.Label>Form</Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field value={chosen} onChange={({ target }) => setChosen(Number(target.value))}>
              {forms.map(({ title }, at) => (
                <option key={at} value={at}>
                  {title}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
        </Field.Root>
      )}
      {form && (
        <Stack as="section" aria-label="What is taken over" gap="3" bg="wash" rounded="md" p="4">
          <Text fontWeight="600">{form.title}</Text>
          <Box as="ul" listStyleType="none">
            {fieldsInWords(form).map(({ key, label, says }) => (
              <Flex as="li" key={key} gap="3" py="0.5">
                <Text flex="1" minW="0" truncate>
                  {label}
                </Text>
                <Text color="slate">{says}</Text>
              </Flex>
            ))}
          </Box>
          {form.left.length > 0 && (
            <Text color="brass">
              Not taken over: {form.left.join(', ')}. Where the form sends its answers is not taken over
              either.
            </Text>
          )}
          <Flex gap="3" align="end">
            <Field.Root maxW="220px">
              <Field.Label>Type</Field.Label>
              <NativeSelect.Root size="sm">
                <NativeSelect.Field value={kind} onChange={({ target }) => setKind(target.value as Kind)}>
                  {Object.entries(kindNames).map(([one, label]) => (
                    <option key={one} value={one}>
                      {label}
                    </option>
                  ))}
                </NativeSelect.Field>
                <NativeSelect.Indicator />
              </NativeSelect.Root>
            </Field.Root>
            <Button size="sm" colorPalette="signal" loading={busy} onClick={() => inBackground(create(form))}>
              Create widget
            </Button>
          </Flex>
        </Stack>
      )}
    </Stack>
  );
}
