import { chakra, Flex } from '@chakra-ui/react';
import { NavLink } from 'react-router';
import { Page } from '../shared/Page.tsx';

const Tab = chakra(NavLink, {
  base: {
    px: '3',
    py: '2',
    color: 'slate',
    fontWeight: '500',
    whiteSpace: 'nowrap',
    _hover: { color: 'ink' },
    '&[aria-current=page]': { color: 'ink', boxShadow: 'inset 0 -2px 0 {colors.ink}' },
  },
});

const tabs = [
  ['/people', 'Submissions'],
  ['/people/persons', 'Persons'],
  ['/people/leads', 'Leads'],
  ['/people/invoices', 'Invoices'],
  ['/people/lists', 'Lists'],
  ['/people/sheets', 'Spreadsheets'],
] as const;

/** The places about people, side by side. */
export function PeopleTabs({ children }: { children: React.ReactNode }) {
  return (
    <Page title="People">
      <Flex as="nav" aria-label="People" borderBottomWidth="1px" mb="5" overflowX="auto">
        {tabs.map(([path, label]) => (
          <Tab key={path} to={path} end>
            {label}
          </Tab>
        ))}
      </Flex>
      {children}
    </Page>
  );
}
