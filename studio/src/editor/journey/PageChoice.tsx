import { Button, Checkbox, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { placeOf } from '@sirene/core/behaviour';
import { useMemo, useState } from 'react';
import { at, useAnswer } from '../../shared/api/index.ts';
import { useEditing } from '../state/editing.ts';

/** How many are listed at once; more are found by typing. */
const most = 60;

/** The paths of the site's pages: those on which its script was seen, and those kept for the stage. */
function useSitePages(): string[] {
  const { site, pages } = useEditing();
  const { data } = useAnswer(at('/api/sites/{site}/seen-pages', { site: site.id }));
  return useMemo(
    () => [...new Set([...pages.map(({ address }) => placeOf(address).path), ...(data ?? [])])].sort(),
    [pages, data],
  );
}

/** Pages picked from those seen so far; another is added by its path. */
export function PageChoice({
  label,
  value,
  onChange,
}: {
  label: string;
  value: readonly string[];
  onChange(value: string[]): void;
}) {
  const [typed, setTyped] = useState('');
  const known = useSitePages();
  const all = [...new Set([...value, ...known])];
  const listed = all.filter((page) => page.includes(typed.trim())).slice(0, most);
  const isNew = typed.startsWith('/') && typed.length <= 300 && !all.includes(typed.trim());
  const toggle = (page: string) =>
    onChange(value.includes(page) ? value.filter((one) => one !== page) : [...value, page]);
  return (
    <Stack gap="2">
      <Flex gap="2">
        <Input
          size="xs"
          bg="sheet"
          aria-label={`Find ${label.toLowerCase()}`}
          placeholder="Find or type a path, such as /shop"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button
          size="xs"
          variant="outline"
          colorPalette="plain"
          disabled={!isNew}
          onClick={() => {
            toggle(typed.trim());
            setTyped('');
          }}
        >
          Add
        </Button>
      </Flex>
      <Stack
        role="group"
        aria-label={label}
        gap="0.5"
        maxH="180px"
        overflow="auto"
        borderWidth="1px"
        rounded="sm"
        p="2"
        tabIndex={0}
      >
        {listed.length === 0 && <Text color="slate">No page seen yet has that in its path.</Text>}
        {listed.map((page) => (
          <Checkbox.Root
            key={page}
            size="sm"
            minH="24px"
            checked={value.includes(page)}
            onCheckedChange={() => toggle(page)}
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control />
            <Checkbox.Label fontFamily="mono" fontSize="13px" fontWeight="400">
              {page}
            </Checkbox.Label>
          </Checkbox.Root>
        ))}
      </Stack>
    </Stack>
  );
}
