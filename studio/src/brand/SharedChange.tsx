import { Box, Button, Flex, NativeSelect, Spinner, Stack, Text } from '@chakra-ui/react';
import { brandTokens, completeBrand, type Brand } from '@sirene/core/style';
import { ArrowRight } from 'lucide-react';
import { useEffect, useState } from 'react';
import { at, post, put, type BrandPreview, type Site } from '../shared/api/index.ts';
import { BodyPreview } from '../shared/BodyPreview.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { inBackground } from '../shared/background.ts';

interface Props {
  site: Pick<Site, 'id' | 'name'>;
  /** The brand as it is to be. */
  brand: Brand;
  onClose(): void;
  onSaved(brand: Brand): void;
}

/** Says what a change of the brand will touch, with previews before and after, and makes it once that is confirmed. */
export function SharedChange({ site, brand, onClose, onSaved }: Props) {
  const [preview, setPreview] = useState<BrandPreview | null>(null);
  const [replacements, setReplacements] = useState<Record<string, string>>({});
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const path = at('/api/sites/{site}/brand', { site: site.id });
  const chosen = JSON.stringify(replacements);

  useEffect(() => {
    let current = true;
    post(at('/api/sites/{site}/brand/preview', { site: site.id }), {
      ...brand,
      replacements: JSON.parse(chosen) as Record<string, string>,
    }).then(
      (answer) => current && setPreview(answer),
      (failure: unknown) => current && setError(failure),
    );
    return () => {
      current = false;
    };
  }, [site.id, brand, chosen]);

  const save = async () => {
    setBusy(true);
    setError(null);
    try {
      onSaved(await put(path, { ...brand, replacements }));
    } catch (failure) {
      setError(failure);
      setBusy(false);
    }
  };
  const missing = [...new Set(preview?.uses.map(({ token }) => token))];
  const live = preview?.touched.filter(({ published }) => published).length ?? 0;
  return (
    <Sheet
      title={titleOf(preview)}
      size="lg"
      reading
      onClose={onClose}
      foot={
        <Button
          colorPalette="signal"
          loading={busy}
          disabled={!preview || missing.length > 0}
          onClick={() => inBackground(save())}
        >
          Apply change
        </Button>
      }
    >
      <Stack gap="4">
        {error ? <ErrorNote error={error} /> : null}
        {!preview && !error && <Spinner role="status" aria-label="Finding the widgets affected" />}
        {missing.map((token) => (
          <Successor
            key={token}
            token={token}
            brand={brand}
            users={preview?.uses.filter((use) => use.token === token).map(({ name }) => name) ?? []}
            onChoose={(next) => setReplacements((before) => ({ ...before, [token]: next }))}
          />
        ))}
        {preview && live > 0 && (
          <Text>
            {live === 1 ? 'One of them is' : `${live} of them are`} published on {site.name}: visitors see the
            change at once.
          </Text>
        )}
        <Stack as="ul" gap="3" listStyleType="none">
          {preview?.touched.slice(0, 60).map(({ id, name, published, before, after }) => (
            <Flex as="li" key={id} gap="3" align="center">
              <BodyPreview body={before} width={150} height={96} />
              <ArrowRight size={16} aria-hidden />
              <BodyPreview body={after} width={150} height={96} />
              <Box>
                <Text fontWeight="600">{name}</Text>
                {published ? (
                  <StateMark tone="good">Published</StateMark>
                ) : (
                  <StateMark tone="waiting">Draft</StateMark>
                )}
              </Box>
            </Flex>
          ))}
        </Stack>
      </Stack>
    </Sheet>
  );
}

function titleOf(preview: BrandPreview | null): string {
  if (!preview) return 'Widgets affected';
  if (preview.uses.length > 0) return 'A token that is still in use is removed';
  const { length } = preview.touched;
  return length === 0
    ? 'No widget changes'
    : `${length} ${length === 1 ? 'widget looks' : 'widgets look'} different`;
}

function Successor({
  token,
  brand,
  users,
  onChoose,
}: {
  token: string;
  brand: Brand;
  users: string[];
  onChoose(token: string): void;
}) {
  const [group] = token.split('.');
  const others = [...brandTokens(completeBrand(brand)).keys()].filter((one) => one.startsWith(`${group}.`));
  return (
    <Box borderWidth="1px" rounded="md" p="3">
      <Text mb="2">
        <strong>{token}</strong> is used by {[...new Set(users)].join(', ')}. Which token takes its place?
      </Text>
      <NativeSelect.Root size="sm" maxW="280px">
        <NativeSelect.Field
          aria-label={`Replacement for ${token}`}
          defaultValue=""
          onChange={(event) => onChoose(event.target.value)}
        >
          <option value="" disabled>
            Choose a token
          </option>
          {others.map((one) => (
            <option key={one} value={one}>
              {one}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Box>
  );
}
