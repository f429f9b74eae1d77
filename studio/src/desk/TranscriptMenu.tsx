import { IconButton, Menu, Portal } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { at, withQuery } from '../shared/api/index.ts';

const kinds = [
  ['text', 'Text'],
  ['json', 'JSON'],
] as const;

interface Props {
  site: string;
  conversation: string;
}

/** A conversation to be kept elsewhere, as a text or as data. */
export function TranscriptMenu(path: Props) {
  const address = at('/api/sites/{site}/conversations/{conversation}/transcript', path);
  return (
    <Menu.Root lazyMount unmountOnExit>
      <Menu.Trigger asChild>
        <IconButton
          size="xs"
          variant="outline"
          colorPalette="plain"
          aria-label="Download the transcript"
          title="Download the transcript"
        >
          <Download size={14} aria-hidden />
        </IconButton>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content>
            {kinds.map(([as, label]) => (
              <Menu.Item key={as} value={as} asChild>
                <a href={withQuery(address, { as })} download>
                  {label}
                </a>
              </Menu.Item>
            ))}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
