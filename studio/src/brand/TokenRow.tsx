import { Box, Grid, IconButton, Text } from '@chakra-ui/react';
import { plainValue, tokenAt, withoutToken, withToken } from '@sirene/core/review/brand';
import type { TokenValue } from '@sirene/core/style';
import { RotateCcw, Trash2 } from 'lucide-react';
import { useEffect, useId, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { useBrandEditing } from './brand-context.ts';

interface Props {
  path: string;
  /** What it is for, where its name does not say it. */
  help?: string | undefined;
  children(id: string, set: (value: TokenValue) => void): React.ReactNode;
}

/** One token: its name, its control, and the way back to the plain value or out of the brand. */
export function TokenRow({ path, help, children }: Props) {
  const { brand, change } = useBrandEditing();
  const [asked] = useSearchParams();
  const id = useId();
  const row = useRef<HTMLDivElement>(null);
  const isAsked = asked.get('token') === path;
  useEffect(() => {
    if (isAsked) row.current?.scrollIntoView({ block: 'center' });
  }, [isAsked]);
  const name = path.slice(path.indexOf('.') + 1);
  const plain = plainValue(path);
  const isPlain = JSON.stringify(tokenAt(brand.tokens, path)?.$value) === JSON.stringify(plain);
  const set = (value: TokenValue) => change(withToken(brand, path, value), path);
  return (
    <Grid
      ref={row}
      templateColumns="104px minmax(0, 1fr) 26px"
      gap="2"
      alignItems="center"
      rounded="sm"
      outline={isAsked ? '2px solid {colors.deep}' : undefined}
      outlineOffset="3px"
    >
      <Box as="label" {...{ htmlFor: id }} fontSize="13px" lineHeight="1.25" minW="0">
        <Text truncate title={name}>
          {name}
        </Text>
        {help && (
          <Text fontSize="12px" color="slate">
            {help}
          </Text>
        )}
      </Box>
      {children(id, set)}
      {plain === undefined ? (
        <IconButton
          size="2xs"
          variant="ghost"
          colorPalette="plain"
          aria-label={`Remove ${path} from the brand`}
          onClick={() => change(withoutToken(brand, path), path)}
        >
          <Trash2 size={13} aria-hidden />
        </IconButton>
      ) : (
        !isPlain && (
          <IconButton
            size="2xs"
            variant="ghost"
            colorPalette="plain"
            color="deep"
            aria-label={`Reset ${path} to its default`}
            title="Reset to default"
            onClick={() => set(plain)}
          >
            <RotateCcw size={12} aria-hidden />
          </IconButton>
        )
      )}
    </Grid>
  );
}
