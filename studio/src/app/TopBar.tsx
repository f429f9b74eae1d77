import { Box, Button, chakra, Flex, Kbd, Menu, Portal } from '@chakra-ui/react';
import { ChevronDown, CircleUser, Search } from 'lucide-react';
import { NavLink, useNavigate } from 'react-router';
import { at, remove } from '../shared/api/index.ts';
import { appearances, choose, useAppearance, type Appearance } from './appearance.ts';
import { keysOf } from './keymap.ts';
import { openPalette } from './open-palette.ts';
import { allPlaces } from './places.ts';
import { useSession, useSite } from './session.ts';
import { inBackground } from '../shared/background.ts';

const Place = chakra(NavLink, {
  base: {
    px: { base: '2', lg: '3' },
    py: '1.5',
    whiteSpace: 'nowrap',
    rounded: 'md',
    color: 'slate',
    fontWeight: '500',
    _hover: { color: 'ink' },
    '&[aria-current=page]': { color: 'ink', boxShadow: 'inset 0 -2px 0 {colors.flare}', roundedBottom: '0' },
  },
});

// On a narrow window, as when a page is zoomed to 200 %, icons speak for themselves.
const wide = <T,>(narrow: T, otherwise: T) => ({ base: narrow, lg: otherwise });

/** The site in hand, the places, and the account. */
export function TopBar() {
  const { site, sites, choose: chooseSite } = useSite();
  const navigate = useNavigate();
  const appearance = useAppearance();
  const { data: session, mutate } = useSession();
  const signOut = async () => {
    await remove(at('/api/session'));
    await mutate({ user: null, demo: session?.demo ?? false, setUp: false });
  };
  return (
    <Flex
      as="header"
      bg="sheet"
      borderBottomWidth="1px"
      h="48px"
      align="center"
      px={wide('2', '6')}
      gap={wide('1', '6')}
    >
      <Menu.Root lazyMount unmountOnExit>
        <Menu.Trigger asChild>
          <Button
            variant="ghost"
            colorPalette="plain"
            size="sm"
            px="2"
            fontWeight="600"
            aria-label={`Site: ${site?.name ?? 'Sirene'}. Switch site`}
          >
            <Box as="span" truncate maxW={wide('120px', '260px')}>
              {site?.name ?? 'Sirene'}
            </Box>
            <ChevronDown size={14} aria-hidden />
          </Button>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              {sites.map(({ id, name, archivedAt }) => (
                <Menu.Item key={id} value={id} onClick={() => chooseSite(id)}>
                  {name}
                  {archivedAt !== null && (
                    <Box as="span" color="slate" fontSize="12px">
                      archived
                    </Box>
                  )}
                </Menu.Item>
              ))}
              {sites.length > 0 && <Menu.Separator />}
              <Menu.Item value="new-site" onClick={() => inBackground(navigate('/start'))}>
                New site …
              </Menu.Item>
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
      <Flex as="nav" aria-label="Places" gap={wide('0', '1')} flex="1" minW="0" overflowX="auto">
        {allPlaces.map(
          ([path, { bar }]) =>
            bar && (
              <Place key={path} to={path}>
                {bar}
              </Place>
            ),
        )}
      </Flex>
      <Button
        variant="outline"
        colorPalette="plain"
        size="xs"
        color="slate"
        title={`Find (${keysOf('find')})`}
        onClick={openPalette}
      >
        <Search size={14} aria-hidden />
        <Box as="span" display={wide('none', 'inline')}>
          Find
        </Box>
        <Kbd size="sm" variant="plain" display={wide('none', 'inline-flex')}>
          {keysOf('find')}
        </Kbd>
      </Button>
      <Menu.Root lazyMount unmountOnExit>
        <Menu.Trigger asChild>
          <Button
            variant="ghost"
            colorPalette="plain"
            size="sm"
            px="2"
            fontWeight="500"
            aria-label={session?.user?.name ?? 'Account'}
          >
            <CircleUser size={16} aria-hidden />
            <Box as="span" display={wide('none', 'inline')}>
              {session?.user?.name}
            </Box>
          </Button>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              <Menu.RadioItemGroup
                value={appearance}
                onValueChange={({ value }) => choose(value as Appearance)}
              >
                <Menu.ItemGroupLabel fontSize="12px" color="slate" fontWeight="500">
                  Appearance
                </Menu.ItemGroupLabel>
                {Object.entries(appearances).map(([value, name]) => (
                  <Menu.RadioItem key={value} value={value}>
                    {name}
                    <Menu.ItemIndicator />
                  </Menu.RadioItem>
                ))}
              </Menu.RadioItemGroup>
              <Menu.Separator />
              <Menu.Item value="account" onClick={() => inBackground(navigate('/account'))}>
                Account
              </Menu.Item>
              <Menu.Item value="sign-out" onClick={() => inBackground(signOut())}>
                Sign out
              </Menu.Item>
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
    </Flex>
  );
}
