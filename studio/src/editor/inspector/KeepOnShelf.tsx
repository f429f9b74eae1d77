import { valueAt } from '@sirene/core/base/maps';
import { Button } from '@chakra-ui/react';
import { definitionOf } from '@sirene/core/document/elements';
import { branchOf } from '@sirene/core/document/widget';
import { Archive } from 'lucide-react';
import { useState } from 'react';
import { mutate } from 'swr';
import { at, post } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { NamePopover } from '../../shared/NamePopover.tsx';
import { useEditing } from '../state/editing.ts';

/** Keeps an element, with all it holds, on the site's shelf. */
export function KeepOnShelf({ id }: { id: string }) {
  const { site, session } = useEditing();
  const [error, setError] = useState<unknown>(null);
  const path = at('/api/sites/{site}/shelf', { site: site.id });
  const propose = () => {
    const element = valueAt(session.document.elements, id);
    setError(null);
    return element ? (element.title ?? definitionOf(element).title(element)).slice(0, 60) : '';
  };
  const keep = async (name: string): Promise<boolean> => {
    setError(null);
    try {
      await post(path, { name, branch: branchOf(session.document, id) });
      await mutate(path);
      return true;
    } catch (failure) {
      setError(failure);
      return false;
    }
  };
  return (
    <NamePopover
      trigger={
        <Button
          size="2xs"
          variant="ghost"
          colorPalette="plain"
          aria-label="Save to shelf"
          title="Save to shelf"
        >
          <Archive size={14} aria-hidden />
        </Button>
      }
      title="Save to shelf"
      help={`You find it under “Add” in every widget of ${site.name}. Adding it makes a copy.`}
      label="Shelf name"
      action="Save"
      placement="bottom-end"
      propose={propose}
      onName={keep}
    >
      {error ? <ErrorNote error={error} /> : null}
    </NamePopover>
  );
}
