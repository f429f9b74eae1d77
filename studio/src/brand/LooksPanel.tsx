import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, Flex, Input, Link, Stack, Text } from '@chakra-ui/react';
import { roleDefinitions, roles, withStandard, type Look, type Role } from '@sirene/core/style';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { at, useAnswer, type LookUse } from '../shared/api/index.ts';
import { Choice } from '../shared/Choice.tsx';
import { Row } from '../shared/Row.tsx';
import { Toggle } from '../shared/Toggle.tsx';
import { useBrandEditing } from './brand-context.ts';
import { LookEditor } from './LookEditor.tsx';
import { lookId } from './look-id.ts';

const roleNames = Object.fromEntries(roles.map((role) => [role, roleDefinitions[role].name])) as Record<
  Role,
  string
>;

/** The named looks of each role: made, changed, and taken away. */
export function LooksPanel() {
  const [asked] = useSearchParams();
  const [chosen, choose] = useState<string | null>(asked.get('look'));
  const { brand, change, site } = useBrandEditing();
  const { data: uses } = useAnswer(at('/api/sites/{site}/brand/looks', { site: site.id }));
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
        <Standing
          look={look}
          uses={uses && (valueAt(uses, chosen) ?? [])}
          onStandard={(standard) =>
            change({ ...brand, looks: withStandard(brand.looks, chosen, standard) }, `${chosen} standard`)
          }
        />
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
        {all.map(([id, { name, role, standard }]) => (
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
              <Text color="slate">
                {roleNames[role]}
                {standard ? ', standard' : ''}
                {uses && ` · ${usesText(valueAt(uses, id))}`}
              </Text>
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

const usesText = (uses: readonly LookUse[] = []): string =>
  uses.length === 0 ? 'not used' : uses.length === 1 ? '1 widget' : `${uses.length} widgets`;

interface StandingProps {
  look: Look;
  /** Not known yet where there are none at all. */
  uses: readonly LookUse[] | undefined;
  onStandard(standard: boolean): void;
}

/** Whether a look is the standard of its role, and who uses it. */
function Standing({ look, uses, onStandard }: StandingProps) {
  const role = roleNames[look.role].toLowerCase();
  return (
    <Stack px="3" py="2" gap="2" borderBottomWidth="1px">
      <Toggle label="Standard look" value={look.standard === true} onChange={onStandard} />
      <Text fontSize="12px" color="slate">
        Every {role} that chooses no other look takes it, in new and existing widgets.
      </Text>
      {uses && (
        <Text fontSize="13px">
          {uses.length === 0 ? 'No saved widget uses it.' : 'Used by '}
          {uses.map(({ id: widget, name, times }, at) => (
            <span key={widget}>
              {at > 0 && ', '}
              <Link asChild color="deep" textDecoration="underline">
                <RouterLink to={`/widgets/${widget}`}>{name}</RouterLink>
              </Link>
              {times > 1 && ` (${times}×)`}
            </span>
          ))}
        </Text>
      )}
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
          {(id) => <Choice id={id} value={role} options={roleNames} onChange={(next) => setRole(next)} />}
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
