import { Box, Dialog, Flex, Input, Kbd, Portal, Text } from '@chakra-ui/react';
import { useEffect, useId, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { at, useAnswer, withQuery } from '../shared/api/index.ts';
import { matchingCommands, useOffered, type Command } from '../shared/palette.ts';
import { appearances, choose, type Appearance } from './appearance.ts';
import { allPlaces } from './places.ts';
import { useSite } from './session.ts';
import { inBackground } from '../shared/background.ts';

const mostShown = 60;

/** Finds anything by its name: a widget, a person, a place, a setting, a command. */
export function Palette({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const navigate = useNavigate();
  const { site, sites, choose: chooseSite } = useSite();
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState(0);
  const list = useId();
  const { data: widgets = [] } = useAnswer(site && at('/api/sites/{site}/widgets', { site: site.id }));
  const people = usePeople(site?.id, typed);
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
      { name: 'Keyboard shortcuts', group: 'Settings', keys: '?', run: onKeys },
    ];
  }, [offered, widgets, sites, navigate, chooseSite, onKeys]);
  const found = [...matchingCommands(all, typed), ...people].slice(0, mostShown);
  const run = (command: Command | undefined) => {
    if (!command) return;
    onClose();
    command.run();
  };
  const current = Math.min(chosen, found.length - 1);
  return (
    <Dialog.Root open onOpenChange={(change) => !change.open && onClose()} placement="top" size="md">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content aria-label="Find anything" mt="12vh">
            <Input
              autoFocus
              role="combobox"
              aria-label="Find a widget, a person, a place or a command"
              aria-expanded
              aria-controls={list}
              aria-activedescendant={found[current] ? `${list}-${current}` : undefined}
              placeholder="Find a widget, a person, a place or a command"
              size="lg"
              border="0"
              borderBottomWidth="1px"
              rounded="0"
              value={typed}
              onChange={(event) => {
                setTyped(event.target.value);
                setChosen(0);
              }}
              onKeyDown={(event) => {
                const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
                if (step) {
                  event.preventDefault();
                  setChosen((current + step + found.length) % Math.max(1, found.length));
                } else if (event.key === 'Enter') {
                  event.preventDefault();
                  run(found[current]);
                }
              }}
            />
            <Box id={list} role="listbox" aria-label="Found" maxH="52vh" overflow="auto" py="1" tabIndex={-1}>
              {found.map((command, index) => (
                <Entry
                  key={`${command.group} ${command.name} ${index}`}
                  id={`${list}-${index}`}
                  command={command}
                  current={index === current}
                  onRun={() => run(command)}
                />
              ))}
            </Box>
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

interface EntryProps {
  id: string;
  command: Command;
  current: boolean;
  onRun(): void;
}

function Entry({ id, command: { name, group, keys }, current, onRun }: EntryProps) {
  return (
    <Flex
      id={id}
      role="option"
      aria-selected={current}
      ref={(node) => {
        if (current) node?.scrollIntoView({ block: 'nearest' });
      }}
      px="4"
      py="1.5"
      gap="3"
      align="center"
      cursor="pointer"
      bg={current ? 'wash' : undefined}
      boxShadow={current ? 'inset 3px 0 0 {colors.deep}' : undefined}
      _hover={{ bg: 'wash' }}
      onClick={onRun}
    >
      <Text flex="1" truncate>
        {name}
      </Text>
      {keys && <Kbd size="sm">{keys}</Kbd>}
      <Text color="slate" fontSize="13px">
        {group}
      </Text>
    </Flex>
  );
}

/** People whose name or address holds what is typed, once typing pauses. */
function usePeople(siteId: string | undefined, typed: string): Command[] {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setWords(typed.trim()), 200);
    return () => clearTimeout(timer);
  }, [typed]);
  const wanted = siteId !== undefined && words.length > 1;
  const { data } = useAnswer(
    wanted && withQuery(at('/api/sites/{site}/submissions', { site: siteId }), { words }),
  );
  const people = new Map(data?.submissions.flatMap(({ person }) => (person ? [[person.id, person]] : [])));
  return [...people.values()].slice(0, 8).map(({ name, email }) => ({
    name: name ? `${name} · ${email}` : email,
    group: 'People',
    run: () => inBackground(navigate(`/people?words=${encodeURIComponent(email)}`)),
  }));
}
