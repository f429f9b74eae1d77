import {
  Button,
  CloseButton,
  Dialog,
  Field,
  Flex,
  Grid,
  Input,
  Portal,
  Spinner,
  Text,
} from '@chakra-ui/react';
import { brandLogo } from '@sirene/core/document/elements';
import { FileText, Film, Upload } from 'lucide-react';
import { lazy, Suspense, useRef, useState } from 'react';
import type { Asset } from '../api/index.ts';
import { ErrorNote } from '../ErrorNote.tsx';
import { assetAddress, thumbnailOf, useAssets } from './assets.ts';
import { Tile } from './Tile.tsx';
import { inBackground } from '../background.ts';

// Drawn only where they are offered.
const Illustrations = lazy(async () => ({
  default: (await import('./Illustrations.tsx')).Illustrations,
}));

interface Props {
  open: boolean;
  kind: 'image' | 'video' | 'document';
  /** Whether the shipped drawings are offered as well. */
  drawings?: boolean;
  onClose(): void;
  onChoose(src: string, size: [number, number] | null): void;
}

const withArticle = { image: 'an image', video: 'a video', document: 'a PDF' };
const titles = { image: 'Images', video: 'Videos', document: 'PDFs' };

const accepted = {
  image: 'image/png,image/jpeg,image/webp,image/avif,image/gif,image/svg+xml',
  video: 'video/mp4,video/webm',
  document: 'application/pdf',
};

const sizeOf = ({ width, height }: Asset): [number, number] | null =>
  width && height ? [width, height] : null;

/** The uploads of the site: one is chosen, dropped in, or named by its address. */
export function AssetDialog({ open, kind, drawings = false, onClose, onChoose }: Props) {
  const { assets, error, upload, logo, brand } = useAssets(open);
  const [failure, setFailure] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const [address, setAddress] = useState('');
  const file = useRef<HTMLInputElement>(null);
  const take = async (files: FileList | null) => {
    const [first] = files ?? [];
    if (!first) return;
    setBusy(true);
    setFailure(null);
    try {
      const asset = await upload(first);
      if (asset.kind === kind) onChoose(asset.src, sizeOf(asset));
      else setFailure(new Error(`Choose ${withArticle[kind]}: that file is of another type.`));
    } catch (problem) {
      setFailure(problem);
    } finally {
      setBusy(false);
    }
  };
  const shown = assets?.filter((asset) => asset.kind === kind) ?? [];
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(change) => !change.open && onClose()}
      size="lg"
      scrollBehavior="inside"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
              event.preventDefault();
              inBackground(take(event.dataTransfer.files));
            }}
          >
            <Dialog.Header>
              <Dialog.Title>{titles[kind]} of this site</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              <Flex gap="3" align="center" mb="4" wrap="wrap">
                <Button colorPalette="signal" size="sm" loading={busy} onClick={() => file.current?.click()}>
                  <Upload size={15} aria-hidden />
                  Upload {withArticle[kind]}
                </Button>
                <Text color="slate">or drop the file anywhere here.</Text>
                <input
                  ref={file}
                  type="file"
                  hidden
                  aria-label={`File of the ${kind}`}
                  accept={accepted[kind]}
                  onChange={(event) => inBackground(take(event.target.files))}
                />
              </Flex>
              {(failure ?? error) ? <ErrorNote error={failure ?? error} /> : null}
              {!assets && !error && <Spinner role="status" aria-label="Loading" />}
              {assets && shown.length === 0 && !logo && (
                <Text color="slate">
                  Nothing has been uploaded yet. What you upload is kept for all widgets of the site.
                </Text>
              )}
              <Grid templateColumns="repeat(auto-fill, minmax(120px, 1fr))" gap="3" my="3">
                {kind === 'image' && logo && (
                  <Tile name="Brand logo" onPress={() => onChoose(brandLogo, null)}>
                    <img
                      src={assetAddress(logo.src.includes('/') ? logo.src : `${logo.src}/full.webp`)}
                      alt=""
                    />
                  </Tile>
                )}
                {shown.map((asset) => (
                  <Tile key={asset.id} name={asset.name} onPress={() => onChoose(asset.src, sizeOf(asset))}>
                    {kind === 'image' ? (
                      <img src={thumbnailOf(asset)} alt="" loading="lazy" />
                    ) : kind === 'video' ? (
                      <Film size={28} aria-hidden />
                    ) : (
                      <FileText size={28} aria-hidden />
                    )}
                  </Tile>
                ))}
              </Grid>
              {drawings && brand && (
                <Suspense fallback={null}>
                  <Illustrations brand={brand} onChoose={(src) => onChoose(src, null)} />
                </Suspense>
              )}
              {kind !== 'document' && (
                <Field.Root>
                  <Field.Label>Or a URL</Field.Label>
                  <Flex gap="2" w="full">
                    <Input
                      size="sm"
                      placeholder="https://…"
                      value={address}
                      onChange={(event) => setAddress(event.target.value)}
                    />
                    <Button
                      size="sm"
                      variant="outline"
                      colorPalette="plain"
                      disabled={!/^https:\/\/.+/.test(address)}
                      onClick={() => onChoose(address, null)}
                    >
                      Use
                    </Button>
                  </Flex>
                  <Field.HelperText>
                    An uploaded {kind} stays when the other site changes, and is served in fitting sizes.
                  </Field.HelperText>
                </Field.Root>
              )}
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
