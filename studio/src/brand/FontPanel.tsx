import { Box, Button, Flex, IconButton, Input, Text } from '@chakra-ui/react';
import { shippedFonts, type BrandFont } from '@sirene/core/style';
import { Trash2, Upload } from 'lucide-react';
import { useRef } from 'react';
import type { Asset } from '../shared/api/index.ts';
import { useAssets } from '../shared/assets/assets.ts';
import { AssetControl } from '../shared/assets/AssetControl.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Row } from '../shared/Row.tsx';
import { Section } from '../shared/Section.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { useBrandEditing } from './brand-context.ts';
import { inBackground } from '../shared/background.ts';

/** The site's own typefaces, those that ship, and the site's mark. */
export function FontPanel() {
  return (
    <>
      <Section title="Logo">
        <Logo />
      </Section>
      <Section title="Custom fonts">
        <OwnFonts />
      </Section>
      <Section title="Included fonts" open={false}>
        <Text fontSize="13px" color="slate">
          {[...new Set(shippedFonts.map(({ family }) => family))].join(' · ')}. Served from here: no visitor
          asks anybody else for them.
        </Text>
      </Section>
    </>
  );
}

function Logo() {
  const { brand, change } = useBrandEditing();
  const { logo } = brand;
  const set = (src: string, size?: [number, number] | null) => {
    const { logo: _, ...rest } = brand;
    const [width, height] = size ?? [240, 80];
    change(src ? { ...brand, logo: { src, alt: logo?.alt ?? '', width, height } } : rest, 'logo');
  };
  return (
    <>
      <Row label="Image">
        {(id) => <AssetControl id={id} label="Logo" kind="image" value={logo?.src ?? ''} onChange={set} />}
      </Row>
      {logo && (
        <Row label="Alt text">
          {(id) => (
            <Input
              id={id}
              size="xs"
              value={logo.alt}
              onChange={(event) =>
                change({ ...brand, logo: { ...logo, alt: event.target.value } }, 'logo words')
              }
            />
          )}
        </Row>
      )}
    </>
  );
}

function OwnFonts() {
  const { brand, change } = useBrandEditing();
  const { upload } = useAssets(false);
  const { error, busy, attempt } = useAttempt();
  const file = useRef<HTMLInputElement>(null);
  const take = (files: FileList | null) =>
    attempt(async () => {
      const fonts = await Promise.all([...(files ?? [])].map(async (one) => fontOf(await upload(one))));
      change({ ...brand, fonts: [...brand.fonts, ...fonts] }, '');
    });
  return (
    <>
      {brand.fonts.length === 0 && (
        <Text fontSize="13px" color="slate">
          None yet. Upload WOFF2 files: one per weight, or a variable font.
        </Text>
      )}
      {brand.fonts.map((font, at) => (
        <Flex key={font.src + font.weight} align="center" gap="2">
          <Box flex="1" minW="0">
            <Text truncate>{font.family}</Text>
            <Text fontSize="12px" color="slate">
              Weight {font.weight.replace(' ', ' to ')}, {font.style === 'italic' ? 'italic' : 'upright'}
            </Text>
          </Box>
          <Button
            size="2xs"
            variant="ghost"
            colorPalette="plain"
            onClick={() =>
              change(
                {
                  ...brand,
                  fonts: brand.fonts.with(at, {
                    ...font,
                    style: font.style === 'italic' ? 'normal' : 'italic',
                  }),
                },
                '',
              )
            }
          >
            {font.style === 'italic' ? 'Normal' : 'Italic'}
          </Button>
          <IconButton
            size="2xs"
            variant="ghost"
            colorPalette="plain"
            aria-label={`Remove ${font.family} ${font.weight}`}
            onClick={() => change({ ...brand, fonts: brand.fonts.filter((_, one) => one !== at) }, '')}
          >
            <Trash2 size={13} aria-hidden />
          </IconButton>
        </Flex>
      ))}
      {error ? <ErrorNote error={error} /> : null}
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        loading={busy}
        onClick={() => file.current?.click()}
      >
        <Upload size={13} aria-hidden />
        Upload WOFF2
      </Button>
      <input
        ref={file}
        type="file"
        hidden
        multiple
        accept=".woff2,font/woff2"
        aria-label="Font files"
        onChange={(event) => inBackground(take(event.target.files))}
      />
    </>
  );
}

function fontOf({ kind, src, family, weight }: Asset): BrandFont {
  if (kind !== 'font' || !family) throw new Error('That file is not a font. Upload WOFF2 files.');
  return { family, src, weight: weight ?? '400', style: 'normal' };
}
