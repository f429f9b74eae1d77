import { Button, Flex, IconButton, Input } from '@chakra-ui/react';
import { FilePlus2, Monitor, Smartphone, Tablet } from 'lucide-react';
import { useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { pathOf } from '../../shared/format.ts';
import { useEditor, widths, type Width } from '../state/editor.tsx';
import { AddPage } from './AddPage.tsx';

const widthNames: Record<Width, [string, typeof Monitor]> = {
  phone: ['Phone', Smartphone],
  tablet: ['Tablet', Tablet],
  desktop: ['Desktop', Monitor],
};

interface Props {
  zoom: number | null;
  fitted: number;
  onZoom(zoom: number | null): void;
}

/** The page on the stage, the screen, and how large it is shown. */
export function StageBar({ zoom, fitted, onZoom }: Props) {
  const { page, pages, setPage, width, setWidth } = useEditor();
  const [adding, setAdding] = useState(false);
  return (
    <Flex align="center" gap="2" px="3" h="40px" borderBottomWidth="1px" bg="sheet">
      <Choice
        label="Page on the stage"
        width="230px"
        value={page?.id ?? ''}
        options={{
          ...(pages.length === 0 && { '': 'Empty page' }),
          ...Object.fromEntries(pages.map(({ id, address, title }) => [id, `${pathOf(address)} · ${title}`])),
        }}
        onChange={(id) => {
          const chosen = pages.find((one) => one.id === id);
          if (chosen) setPage(chosen);
        }}
      />
      <IconButton
        size="xs"
        variant="ghost"
        colorPalette="plain"
        aria-label="Add a page of the site"
        title="Add a page of the site"
        onClick={() => setAdding(true)}
      >
        <FilePlus2 size={15} aria-hidden />
      </IconButton>
      <Flex role="group" aria-label="Screen" gap="1" ml="auto">
        {(Object.keys(widths) as Width[]).toReversed().map((name) => {
          const [label, Icon] = widthNames[name];
          return (
            <Button
              key={name}
              size="xs"
              variant={widths[name] === width ? 'subtle' : 'ghost'}
              colorPalette="plain"
              px="2"
              aria-pressed={widths[name] === width}
              aria-label={`${label}, ${widths[name]} px`}
              title={`${label}, ${widths[name]} px`}
              onClick={() => setWidth(widths[name])}
            >
              <Icon size={15} aria-hidden />
            </Button>
          );
        })}
      </Flex>
      <Input
        type="number"
        size="xs"
        w="68px"
        px="1.5"
        min={240}
        max={2560}
        aria-label="Width of the stage, px"
        fontFamily="mono"
        fontSize="12px"
        defaultValue={width}
        key={width}
        onBlur={(event) => {
          const { valueAsNumber, validity } = event.target;
          if (validity.valid && Number.isFinite(valueAsNumber)) setWidth(valueAsNumber);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
        }}
      />
      <Choice
        label="Zoom"
        width="86px"
        value={String(zoom ?? 'fit')}
        options={{
          fit: `${Math.round(fitted * 100)} %`,
          ...Object.fromEntries([0.5, 0.75, 1, 1.5, 2].map((one) => [one, `${one * 100} %`])),
        }}
        onChange={(next) => onZoom(next === 'fit' ? null : Number(next))}
      />
      {adding && <AddPage onClose={() => setAdding(false)} />}
    </Flex>
  );
}
