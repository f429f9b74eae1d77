import { valueAt } from '@sirene/core/maps';
import { Box, Button, Flex, Input, Stack, Text } from '@chakra-ui/react';
import type { Look, Role } from '@sirene/core/style';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Choice } from '../shared/Choice.tsx';
import { Row } from '../shared/Row.tsx';
import { useBrandEditing } from './brand-context.ts';
import { LookEditor } from './LookEditor.tsx';
import { lookId } from './look-id.ts';
import { roleNames } from './role-names.ts';

/** The named looks of each role: made, changed, and taken away. */
export function LooksPanel() {
  const { brand, change } = useBrandEditing();
  const [asked] = useSearchParams();
  const [chosen, choose] = useState<string | null>(asked.get('look'));
  const look = chosen === null ? undefined : valueAt(brand.looks, chosen);
  const put = (id: string, next: Look | undefined, of: string) => {
    const { [id]: _, ...others } = brand.looks;
    change({ ...brand, looks: next ? { ...brand.looks, [id]: next } : others }, of);
  };
  if (chosen !== null && look) {
    return (
      <Box>
        <Flex px="3" py="2" gap="2" align="center" borderBottomWidth="1px">
          <Button size="2xs" variant="ghost" colorPalette="plain" onClick={() => choose(null)}>
            All looks
          </Button>
          <Input
            size="xs"
            flex="1"
            aria-label="Look name"
            maxLength={60}
            value={look.name}
            onChange={(event) =>
              event.target.value && put(chosen, { ...look, name: event.target.value }, `${chosen} name`)
            }
          />
          <Button
            size="2xs"
            variant="ghost"
            color="wine"
            onClick={() => {
              put(chosen, undefined, '');
              choose(null);
            }}
          >
            Delete
          </Button>
        </Flex>
        <LookEditor
          key={chosen}
          id={chosen}
          look={look}
          onChange={(next, of) => put(chosen, next, `${chosen} ${of}`)}
        />
      </Box>
    );
  }
  const all = Object.entries(brand.looks);
  return (
    <Stack p="3" gap="3">
      <Text fontSize="13px" color="slate">
        A look is a style with a name, for one role. Widgets take it; a change here reaches them all.
      </Text>
      <Stack as="ul" listStyleType="none" gap="0">
        {all.map(([id, { name, role }]) => (
          <Box as="li" key={id} borderTopWidth="1px">
            <Flex
              as="button"
              w="full"
              py="2"
              gap="2"
              cursor="pointer"
              textAlign="start"
              _hover={{ color: 'deep' }}
              onClick={() => choose(id)}
            >
              <Text flex="1" fontWeight="500">
                {name}
              </Text>
              <Text color="slate">{roleNames[role]}</Text>
            </Flex>
          </Box>
        ))}
      </Stack>
      <NewLook
        onMake={(name, role) => {
          const id = lookId(name, brand.looks);
          put(id, { name, role, style: {} }, '');
          choose(id);
        }}
      />
    </Stack>
  );
}

function NewLook({ onMake }: { onMake(name: string, role: Role): void }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('button');
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim()) onMake(name.trim(), role);
      }}
    >
      <Stack gap="2" bg="paper" borderWidth="1px" rounded="md" p="3">
        <Row label="Name">
          {(id) => (
            <Input
              id={id}
              size="xs"
              bg="sheet"
              placeholder="Such as Subtle"
              maxLength={60}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          )}
        </Row>
        <Row label="Role">
          {(id) => (
            <Choice id={id} value={role} options={roleNames} onChange={(next) => setRole(next as Role)} />
          )}
        </Row>
        <Button
          type="submit"
          size="xs"
          variant="outline"
          colorPalette="plain"
          alignSelf="start"
          disabled={!name.trim()}
        >
          <Plus size={13} aria-hidden />
          New look
        </Button>
      </Stack>
    </form>
  );
}
