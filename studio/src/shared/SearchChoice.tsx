import { Combobox, createListCollection, Portal } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { matchingCommands } from './palette.ts';

/** How many are listed at once: more are found by typing on, and as many as this are drawn at once. */
const most = 40;

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').replaceAll('_', ' ');

export interface SearchOption {
  value: string;
  label: string;
}

/** The options that have all the words in them, accents aside, those that begin with the text first. */
export const found = (options: readonly SearchOption[], text: string): SearchOption[] =>
  matchingCommands(
    options.map((option) => ({ ...option, name: plain(option.label), group: '' })),
    plain(text),
  ).slice(0, most);

/**
 * One of many options, found by typing. Only an option can be chosen: what is typed and fits none is taken back.
 *
 * @param first the options listed before anything is typed; the first of all where nothing is said
 */
export function SearchChoice({
  id,
  value,
  options,
  first = options,
  onChange,
}: {
  id: string;
  value: string;
  options: readonly SearchOption[];
  first?: readonly SearchOption[];
  onChange(value: string): void;
}) {
  const chosen = options.find((option) => option.value === value)?.label ?? value;
  /** What is being typed, and `null` at rest: then the choice itself stands there. */
  const [typed, setTyped] = useState<string | null>(null);
  const listed = useMemo(
    () => (typed ? found(options, typed) : first.slice(0, most)),
    [typed, first, options],
  );
  const collection = useMemo(() => createListCollection({ items: listed }), [listed]);
  return (
    <Combobox.Root
      size="xs"
      collection={collection}
      ids={{ input: id }}
      value={[value]}
      inputValue={typed ?? chosen}
      openOnClick
      positioning={{ sameWidth: false, placement: 'bottom-end' }}
      onInputValueChange={({ inputValue, reason }) => reason === 'input-change' && setTyped(inputValue)}
      onValueChange={(details) => details.value[0] !== undefined && onChange(details.value[0])}
      onOpenChange={({ open }) => !open && setTyped(null)}
    >
      <Combobox.Control>
        <Combobox.Input bg="sheet" onFocus={(event) => event.target.select()} />
        <Combobox.IndicatorGroup>
          <Combobox.Trigger />
        </Combobox.IndicatorGroup>
      </Combobox.Control>
      <Portal>
        <Combobox.Positioner>
          <Combobox.Content w="240px" maxH="260px" fontSize="13px">
            <Combobox.Empty>Nothing found</Combobox.Empty>
            {listed.map((option) => (
              <Combobox.Item key={option.value} item={option}>
                {option.label}
                <Combobox.ItemIndicator />
              </Combobox.Item>
            ))}
          </Combobox.Content>
        </Combobox.Positioner>
      </Portal>
    </Combobox.Root>
  );
}
