import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, Code, Grid, Stack, Text } from '@chakra-ui/react';
import { matchTokens, ownTokens, withToken } from '@sirene/core/review/brand';
import { mergeTokens, readTokens, type TokenImport as Read } from '@sirene/core/style';
import { useState } from 'react';
import { at, post } from '../shared/api/index.ts';
import { Choice } from '../shared/Choice.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { FileDrop } from '../shared/FileDrop.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { Swatch } from '../shared/style/ColourControl.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { useBrandEditing } from './brand-context.ts';
import { inBackground } from '../shared/background.ts';

/** Reads a token file, says what of it can be used, and lets it stand for Sirene's own tokens. */
export function TokenImport({ onClose }: { onClose: () => void }) {
  const { brand, site, change } = useBrandEditing();
  const [read, setRead] = useState<Read | null>(null);
  const [matches, setMatches] = useState<Record<string, string>>({});
  const { error, attempt } = useAttempt();
  const take = (file: File) =>
    attempt(async () => {
      const answer = await post(at('/api/sites/{site}/brand/tokens', { site: site.id }), {
        text: await file.text(),
      });
      setMatches(matchTokens(answer.tokens));
      setRead(answer);
    });
  const use = () => {
    if (!read) return;
    const merged = { ...brand, tokens: mergeTokens(brand.tokens, read.tokens) };
    const made = Object.entries(matches).reduce(
      (next, [own, from]) => (from ? withToken(next, own, `{${from}}`) : next),
      merged,
    );
    change(made, '');
    onClose();
  };
  return (
    <Sheet
      title="Import tokens"
      size="lg"
      onClose={onClose}
      foot={
        <Button colorPalette="signal" disabled={!read || read.count === 0} onClick={use}>
          {read ? `Use ${read.count} tokens` : 'Use tokens'}
        </Button>
      }
    >
      <Stack gap="4">
        {!read && (
          <FileDrop
            label="Token file"
            text="Drop a file in the Design Tokens format here"
            accept={{ 'application/json': ['.json', '.tokens'] }}
            onFile={(file) => inBackground(take(file))}
          />
        )}
        {error ? <ErrorNote error={error} /> : null}
        {read && (
          <>
            <Text>
              {read.count === 0 ? 'Nothing in the file can be used.' : `${read.count} tokens can be used.`}{' '}
              Nothing is saved yet: you see it in the preview first.
            </Text>
            {read.count > 0 && <Matches tokens={read.tokens} matches={matches} onChange={setMatches} />}
            {read.skipped.length > 0 && (
              <Box>
                <Text fontWeight="600" mb="1">
                  {read.skipped.length} left out
                </Text>
                <Box
                  as="ul"
                  listStyleType="none"
                  maxH="160px"
                  overflow="auto"
                  tabIndex={0}
                  aria-label="Left out"
                >
                  {read.skipped.map(({ path, reason }) => (
                    <Box as="li" key={path} py="0.5">
                      <Code variant="plain">{path}</Code> {reason}
                    </Box>
                  ))}
                </Box>
              </Box>
            )}
          </>
        )}
      </Stack>
    </Sheet>
  );
}

interface MatchesProps {
  tokens: Read['tokens'];
  matches: Record<string, string>;
  onChange(matches: Record<string, string>): void;
}

function Matches({ tokens, matches, onChange }: MatchesProps) {
  const all = [...readTokens(tokens).values()];
  const paths = new Set(all.map(({ path }) => path));
  return (
    <Box>
      <Text fontWeight="600" mb="2">
        Tokens used by widgets
      </Text>
      <Grid templateColumns="130px 20px minmax(0, 1fr)" gap="2" alignItems="center">
        {Object.entries(ownTokens).map(([own, type]) => {
          const fits = all.filter((token) => token.type === type);
          const chosen = all.find(({ path }) => path === (valueAt(matches, own) ?? own));
          if (fits.length === 0) return null;
          return (
            <Box key={own} display="contents">
              <Text fontSize="13px">{own}</Text>
              {type === 'color' && chosen ? <Swatch colour={chosen.css} /> : <span />}
              {paths.has(own) ? (
                <Text fontSize="13px" color="slate">
                  has its value in the file
                </Text>
              ) : (
                <Choice
                  label={`Replacement for ${own}`}
                  value={valueAt(matches, own) ?? ''}
                  options={{
                    '': 'keep as it is',
                    ...Object.fromEntries(
                      fits.map(({ path, css }) => [path, `${path} · ${css.slice(0, 40)}`]),
                    ),
                  }}
                  onChange={(from) => onChange({ ...matches, [own]: from })}
                />
              )}
            </Box>
          );
        })}
      </Grid>
    </Box>
  );
}
