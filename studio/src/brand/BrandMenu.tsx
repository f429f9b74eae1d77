import { Button, Menu, Portal } from '@chakra-ui/react';
import { exportTokens } from '@sirene/core/review/brand';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { saveText } from '../shared/save-file.ts';
import { useBrandEditing } from './brand-context.ts';
import { BrandProposal } from './BrandProposal.tsx';
import { TokenImport } from './TokenImport.tsx';

/** Tokens in and out: as a file, or read off a page. */
export function BrandMenu() {
  const { brand, site } = useBrandEditing();
  const [asking, setAsking] = useState<'file' | 'page' | null>(null);
  return (
    <>
      <Menu.Root lazyMount unmountOnExit>
        <Menu.Trigger asChild>
          <Button size="sm" variant="outline" colorPalette="plain">
            Import and export
            <ChevronDown size={14} aria-hidden />
          </Button>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              <Menu.Item value="page" onClick={() => setAsking('page')}>
                Import from a page …
              </Menu.Item>
              <Menu.Item value="file" onClick={() => setAsking('file')}>
                Import tokens …
              </Menu.Item>
              <Menu.Item
                value="export"
                onClick={() =>
                  saveText(
                    `${site.key}.tokens.json`,
                    JSON.stringify(exportTokens(brand), null, 2),
                    'application/design-tokens+json',
                  )
                }
              >
                Export tokens
              </Menu.Item>
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
      {asking === 'file' && <TokenImport onClose={() => setAsking(null)} />}
      {asking === 'page' && <BrandProposal onClose={() => setAsking(null)} />}
    </>
  );
}
