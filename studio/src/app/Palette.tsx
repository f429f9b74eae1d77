import { Combobox, createListCollection, Dialog, Kbd, Portal, Text } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { at, useAnswer, withQuery } from '../shared/api/index.ts';
import { matchingCommands, useOffered, type Command } from '../shared/palette.ts';
import { appearances, choose, type Appearance } from './appearance.ts';
import { keysOf } from './keymap.ts';
import { allPlaces } from './places.ts';
import { useSite } from './session.ts';
import { inBackground } from '../shared/background.ts';

const mostShown = 60;
/** What Enter runs before anything else is chosen. */
const first = '0';
const placeholder = 'Find a widget, a person, a submission, a place or a command';
const current = { bg: 'wash', boxShadow: 'inset 3px 0 0 {colors.deep}' };

/** Finds anything: a widget, a place, a setting or a command by its name, and whatever people sent by its words. */
export function Palette({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const navigate = useNavigate();
  const { site, sites, choose: chooseSite } = useSite();
  const [typed, setTyped] = useState('');
  const [highlighted, setHighlighted] = useState<string | null>(first);
  const { data: widgets = [] } = useAnswer(site && at('/api/sites/{site}/widgets', { site: site.id }));
  const hits = useHits(site?.id, typed);
  const offered = useOffered();
  const all = useMemo<Command[]>(() => {
    const go = (address: string) => () => inBackground(navigate(address));
    return [
      ...offered,
      ...widgets.map(({ id, name }) => ({ name, group: 'Widgets', run: go(`/widgets/${id}`) })),
      ...allPlaces.map(([address, { title }]) => ({ name: title, group: 'Pages', run: go(address) })),
      ...sites.map(({ id, name }) => ({
        name: `Switch to ${name}`,
        group: 'Sites',
        run: () => {
          chooseSite(id);
          inBackground(navigate('/widgets'));
        },
      })),
      ...(Object.keys(appearances) as Appearance[]).map((name) => ({
        name: `Appearance: ${appearances[name].toLowerCase()}`,
        group: 'Settings',
        run: () => choose(name),
      })),
      { name: 'Keyboard shortcuts', group: 'Settings', keys: keysOf('keys'), run: onKeys },
    ];
  }, [offered, widgets, sites, navigate, chooseSite, onKeys]);
  const found = [...matchingCommands(all, typed), ...hits].slice(0, mostShown);
  const collection = createListCollection({
    items: found.map((command, place) => ({ ...command, value: String(place), label: command.name })),
  });
  const run = (command: Command | undefined) => {
    if (!command) return;
    onClose();
    command.run();
  };
  return (
    <Dialog.Root open onOpenChange={(change) => !change.open && onClose()} placement="top" size="md">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content aria-label="Find anything" mt="12vh">
            <Combobox.Root
              collection={collection}
              open
              disableLayer
              loopFocus
              defaultHighlightedValue={first}
              size="lg"
              inputBehavior="autohighlight"
              selectionBehavior="preserve"
              inputValue={typed}
              onInputValueChange={({ inputValue, reason }) =>
                reason === 'input-change' && setTyped(inputValue)
              }
              onHighlightChange={({ highlightedValue }) => setHighlighted(highlightedValue)}
              onValueChange={({ items: [command] }) => run(command)}
            >
              <Combobox.Control>
                <Combobox.Input
                  autoFocus
                  aria-label={placeholder}
                  placeholder={placeholder}
                  border="0"
                  borderBottomWidth="1px"
                  rounded="0"
                />
              </Combobox.Control>
              <Combobox.Content
                aria-label="Found"
                maxH="52vh"
                w="full"
                p="0"
                py="1"
                roundedTop="0"
                roundedBottom="md"
                shadow="none"
                fontSize="14px"
              >
                {collection.items.map((command) => (
                  <Combobox.Item
                    key={command.value}
                    // Nothing stays chosen here: what Enter would run is what is selected.
                    aria-selected={highlighted === command.value}
                    item={command}
                    px="4"
                    py="1.5"
                    gap="3"
                    rounded="0"
                    _highlighted={current}
                  >
                    <Combobox.ItemText flex="1" truncate>
                      {command.name}
                    </Combobox.ItemText>
                    {command.keys && <Kbd size="sm">{command.keys}</Kbd>}
                    <Text color="slate" fontSize="13px">
                      {command.group}
                    </Text>
                  </Combobox.Item>
                ))}
              </Combobox.Content>
            </Combobox.Root>
            {found.length === 0 && (
              <Text px="4" py="3" color="slate" role="status">
                Nothing found.
              </Text>
            )}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

const hitGroups = {
  submission: 'Submission',
  conversation: 'Conversation',
  person: 'Person',
  note: 'Note',
  lead: 'Lead',
  invoice: 'Invoice',
} as const;

const hitPlaces = {
  submission: '/people?submission=',
  conversation: '/desk?conversation=',
  person: '/people/persons?person=',
  note: '/people/persons?person=',
  lead: '/people/persons?person=',
  invoice: '/people/invoices?invoice=',
} as const;

/** What the site has of its people that holds what is typed, once typing pauses. */
function useHits(siteId: string | undefined, typed: string): Command[] {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setWords(typed.trim()), 200);
    return () => clearTimeout(timer);
  }, [typed]);
  const wanted = siteId !== undefined && words.length > 1;
  const { data } = useAnswer(
    wanted && withQuery(at('/api/sites/{site}/search', { site: siteId }), { words }),
  );
  return (data?.hits ?? []).map(({ kind, title, pieces, target }) => {
    const text = pieces.map((piece) => piece.text).join('');
    return {
      name: text === title ? title : `${title} · ${text}`,
      group: hitGroups[kind],
      run: () => inBackground(navigate(`${hitPlaces[kind]}${target}`)),
    };
  });
}
