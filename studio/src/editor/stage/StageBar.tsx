import { Button, Flex, IconButton, Input } from '@chakra-ui/react';
import { FilePlus2, Monitor, PanelLeft, PanelRight, Smartphone, Tablet } from 'lucide-react';
import { useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { pathOf } from '../../shared/format.ts';
import { useEditing } from '../state/editing.ts';
import { type Width, useView, widths } from '../state/view.ts';
import { usePanels, type PanelName } from '../panels-context.ts';
import { AddPage } from './AddPage.tsx';
import { StageState } from './StageState.tsx';
import type { Zoom } from './zoom.ts';

const widthNames: Record<Width, [string, typeof Monitor]> = {
  phone: ['Phone', Smartphone],
  tablet: ['Tablet', Tablet],
  desktop: ['Desktop', Monitor],
};

interface Props {
  zoom: Zoom;
  /** The scale at which the page's whole width is seen, 0 to 1. */
  fitted: number;
  onZoom(zoom: Zoom): void;
}

/** The page on the stage, the screen, and how large it is shown. */
export function StageBar({ zoom, fitted, onZoom }: Props) {
  const { pages } = useEditing();
  const { page, setPage, width, setWidth } = useView();
  const [adding, setAdding] = useState(false);
  return (
    <Flex
      align="center"
      gap="1.5"
      px="2"
      h="36px"
      flex="none"
      borderBottomWidth="1px"
      bg="sheet"
      overflowX="auto"
    >
      <PanelToggle name="outline" label="Outline" icon={<PanelLeft size={15} aria-hidden />} />
      <Choice
        label="Page"
        width="180px"
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
      <StageState />
      <Flex role="group" aria-label="Screen" gap="0.5" ml="auto" flex="none">
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
        aria-label="Stage width in px"
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
        width="126px"
        value={String(zoom)}
        options={{
          fit: `Fit page · ${Math.round(fitted * 100)} %`,
          widget: 'Fit widget',
          ...Object.fromEntries([0.5, 0.75, 1, 1.5, 2].map((one) => [one, `${one * 100} %`])),
        }}
        onChange={(next) => onZoom(next === 'fit' || next === 'widget' ? next : Number(next))}
      />
      <PanelToggle name="inspector" label="Inspector" icon={<PanelRight size={15} aria-hidden />} />
      {adding && <AddPage onClose={() => setAdding(false)} />}
    </Flex>
  );
}

function PanelToggle({ name, label, icon }: { name: PanelName; label: string; icon: React.ReactNode }) {
  const { folded, toggle } = usePanels();
  const text = `${folded[name] ? 'Show' : 'Hide'} ${label.toLowerCase()}`;
  return (
    <IconButton
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      flex="none"
      aria-expanded={!folded[name]}
      aria-label={text}
      title={text}
      onClick={() => toggle(name)}
    >
      {icon}
    </IconButton>
  );
}
