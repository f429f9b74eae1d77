import { Button, Flex, Text } from '@chakra-ui/react';
import { brandLogo } from '@sirene/core/document/elements';
import { illustrationAt } from '@sirene/core/style/illustrations';
import { FileText, Film, ImageIcon, X } from 'lucide-react';
import { useState } from 'react';
import { AssetDialog } from './AssetDialog.tsx';
import { assetAddress } from './assets.ts';

interface Props {
  id: string;
  label: string;
  kind: 'image' | 'video' | 'document';
  value: string;
  /** Whether the shipped drawings are offered as well. */
  drawings?: boolean;
  /** An empty address takes it away; `size` is that of an upload, px. */
  onChange(src: string, size?: [number, number] | null): void;
}

/** An image, a video or a document: chosen among the uploads, newly uploaded, or by its address. */
export function AssetControl({ id, label, kind, value, drawings = false, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const drawing = illustrationAt(value)?.purpose;
  const name =
    value === ''
      ? 'Choose …'
      : kind === 'document'
        ? (value.split('/').at(-1) ?? value)
        : value === brandLogo
          ? 'Brand logo'
          : (drawing ?? 'Change …');
  const Icon = { image: ImageIcon, video: Film, document: FileText }[kind];
  return (
    <Flex gap="1" minW="0">
      <Button
        id={id}
        size="xs"
        variant="outline"
        colorPalette="plain"
        flex="1"
        minW="0"
        justifyContent="start"
        fontWeight="400"
        onClick={() => setOpen(true)}
      >
        {kind === 'image' && /^(asset|https):/.test(value) ? (
          <img
            src={assetAddress(value).replace('320.webp', 'full.webp')}
            alt=""
            style={{ width: 20, height: 20, objectFit: 'cover', borderRadius: 3 }}
          />
        ) : (
          <Icon size={14} aria-hidden />
        )}
        <Text as="span" truncate>
          {name}
        </Text>
      </Button>
      {value !== '' && (
        <Button
          size="xs"
          variant="ghost"
          colorPalette="plain"
          px="1"
          aria-label={`Remove: ${label}`}
          onClick={() => onChange('', null)}
        >
          <X size={14} aria-hidden />
        </Button>
      )}
      <AssetDialog
        open={open}
        kind={kind}
        drawings={drawings}
        onClose={() => setOpen(false)}
        onChoose={(src, size) => {
          setOpen(false);
          onChange(src, size);
        }}
      />
    </Flex>
  );
}
