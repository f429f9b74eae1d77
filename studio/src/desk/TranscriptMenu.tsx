import { IconButton, Menu, Portal } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { at, getText, withQuery } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { printText } from './print-text.ts';

const kinds = [
  ['text', 'Download as text'],
  ['json', 'Download as JSON'],
] as const;

interface Props {
  site: string;
  conversation: string;
}

/** A conversation to be kept elsewhere: as a text, as data or on paper. */
export function TranscriptMenu(path: Props) {
  const address = at('/api/sites/{site}/conversations/{conversation}/transcript', path);
  return (
    <Menu.Root lazyMount unmountOnExit>
      <Menu.Trigger asChild>
        <IconButton
          size="xs"
          variant="outline"
          colorPalette="plain"
          aria-label="Transcript"
          title="Transcript"
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
            <Menu.Item value="print" onClick={() => inBackground(getText(address).then(printText))}>
              Print
            </Menu.Item>
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
