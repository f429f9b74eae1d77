import { Box, Button, Flex, Input, Popover, Portal } from '@chakra-ui/react';
import type { Marking, Run } from '@sirene/core/document/elements';
import { safeAddress } from '@sirene/core/base/sanitise';
import type { Brand } from '@sirene/core/style';
import { Baseline, Bold, Highlighter, Italic, Link, Underline, Unlink } from 'lucide-react';
import { memo, useState } from 'react';
import { keysOf } from '../../app/keymap.ts';
import { Swatch } from '../../shared/style/ColourControl.tsx';
import { tokensOf } from '../../shared/style/control-props.ts';
import { textTools } from '../stage/text-editing.ts';

interface Props {
  brand: Brand;
  /** The passage that the marks are for. */
  passage: readonly Run[];
  onMark(marking: Marking): void;
}

const marks = [
  ['bold', 'Bold', keysOf('bold'), Bold],
  ['italic', 'Italic', keysOf('italic'), Italic],
  ['underline', 'Underline', keysOf('underline'), Underline],
  ['highlight', 'Highlight', '', Highlighter],
] as const;

// A press on a tool must leave the selection in the text where it is.
const keepSelection = (event: React.PointerEvent | React.MouseEvent) => event.preventDefault();

/** What a passage of text can be given: weight, slant, line, highlight, colour, link. */
export const MarkBar = memo(function MarkBar({ brand, passage, onMark }: Props) {
  const empty = passage.length === 0;
  return (
    <Flex role="toolbar" aria-label="Text formatting" gap="0.5" {...{ [textTools]: '' }}>
      {marks.map(([mark, label, keys, Icon]) => (
        <Button
          key={mark}
          size="2xs"
          px="1"
          variant={!empty && passage.every((run) => run[mark]) ? 'subtle' : 'ghost'}
          colorPalette="plain"
          aria-label={label}
          title={keys ? `${label} (${keys})` : label}
          aria-pressed={!empty && passage.every((run) => run[mark])}
          disabled={empty}
          onMouseDown={keepSelection}
          onClick={() => onMark({ mark })}
        >
          <Icon size={14} aria-hidden />
        </Button>
      ))}
      <ColourTool brand={brand} empty={empty} onMark={onMark} />
      <LinkTool key={passage[0]?.link ?? ''} address={passage[0]?.link ?? ''} empty={empty} onMark={onMark} />
    </Flex>
  );
});

interface ToolProps {
  empty: boolean;
  onMark(marking: Marking): void;
}

interface ToolPopoverProps {
  title: string;
  icon: React.ReactNode;
  on?: boolean;
  empty: boolean;
  width: string;
  children: React.ReactNode;
}

/** A tool of the bar that opens a panel. */
function ToolPopover({ title, icon, on, empty, width, children }: ToolPopoverProps) {
  const name = `${title} of the passage`;
  return (
    <Popover.Root positioning={{ placement: 'bottom-start' }} lazyMount unmountOnExit>
      <Popover.Trigger asChild>
        <Button
          size="2xs"
          px="1"
          variant={on ? 'subtle' : 'ghost'}
          colorPalette="plain"
          aria-label={name}
          title={title}
          disabled={empty}
          onMouseDown={keepSelection}
        >
          {icon}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w={width} aria-label={name} {...{ [textTools]: '' }}>
            <Popover.Body p="3">{children}</Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

function ColourTool({ brand, empty, onMark }: ToolProps & { brand: Brand }) {
  return (
    <ToolPopover title="Colour" icon={<Baseline size={14} aria-hidden />} empty={empty} width="220px">
      <Flex gap="2" wrap="wrap">
        {tokensOf(brand, 'color').map(({ path, name, css }) => (
          <Box
            as="button"
            key={path}
            aria-label={name}
            title={name}
            onMouseDown={keepSelection}
            onClick={() => onMark({ colour: css })}
          >
            <Swatch colour={css} size={24} />
          </Box>
        ))}
      </Flex>
      <Button
        size="2xs"
        mt="2"
        variant="outline"
        colorPalette="plain"
        onMouseDown={keepSelection}
        onClick={() => onMark({ colour: null })}
      >
        Inherited
      </Button>
    </ToolPopover>
  );
}

function LinkTool({ address, empty, onMark }: ToolProps & { address: string }) {
  const [typed, setTyped] = useState(address);
  const sound = safeAddress(typed) !== null;
  return (
    <ToolPopover
      title="Link"
      icon={<Link size={14} aria-hidden />}
      on={address !== ''}
      empty={empty}
      width="280px"
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (sound) onMark({ link: typed });
        }}
      >
        <Flex gap="1.5">
          <Input
            size="xs"
            aria-label="Link URL"
            placeholder="/shop or https://…"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          <Button type="submit" size="xs" variant="outline" colorPalette="plain" disabled={!sound}>
            Link
          </Button>
          {address && (
            <Button
              size="xs"
              px="1"
              variant="ghost"
              colorPalette="plain"
              aria-label="Remove link"
              onClick={() => onMark({ link: null })}
            >
              <Unlink size={14} aria-hidden />
            </Button>
          )}
        </Flex>
      </form>
    </ToolPopover>
  );
}
