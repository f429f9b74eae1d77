import { Box, Button, Flex, Link, Stack, Table, Text } from '@chakra-ui/react';
import { ruleSentence } from '@sirene/core/sentence';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import useSWR from 'swr';
import { useSite } from '../app/session.ts';
import { get, type Brand, type ListedWidget } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago, count, percent } from '../shared/format.ts';
import { Page } from '../shared/Page.tsx';
import { widgetState } from '../shared/StateMark.tsx';
import { WidgetPicture } from '../shared/WidgetPicture.tsx';
import { NewWidget } from './NewWidget.tsx';

/** All widgets of the site: a true picture of each, its rule as one sentence, its state, and what it did lately. */
export function WidgetsPage() {
  const { site, error: siteError } = useSite();
  const {
    data: widgets,
    error,
    mutate,
  } = useSWR(site && `/api/sites/${site.id}/widgets`, get<ListedWidget[]>);
  const { data: brand } = useSWR(site && `/api/sites/${site.id}/brand`, get<Brand>);
  const [making, setMaking] = useState(false);
  const make = (
    <Button colorPalette="signal" size="sm" onClick={() => setMaking(true)} disabled={!site}>
      <Plus size={16} aria-hidden />
      New widget
    </Button>
  );
  const failed: unknown = error ?? siteError;
  return (
    <Page title="Widgets" aside={make}>
      {failed ? <ErrorNote error={failed} retry={() => void mutate()} /> : null}
      {widgets?.length === 0 && <NoWidgets />}
      {widgets && brand && widgets.length > 0 && (
        <Box bg="sheet" borderWidth="1px" rounded="md" overflow="hidden">
          <Table.Root size="sm" aria-label="Widgets">
            <Table.Header>
              <Table.Row bg="wash">
                <Table.ColumnHeader w="152px">Picture</Table.ColumnHeader>
                <Table.ColumnHeader>Widget</Table.ColumnHeader>
                <Table.ColumnHeader w="210px">State</Table.ColumnHeader>
                <Table.ColumnHeader w="96px" textAlign="end">
                  Views
                </Table.ColumnHeader>
                <Table.ColumnHeader w="116px" textAlign="end">
                  Submissions
                </Table.ColumnHeader>
                <Table.ColumnHeader w="84px" textAlign="end">
                  Rate
                </Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {widgets.map((widget) => (
                <WidgetRow key={widget.id} widget={widget} brand={brand} />
              ))}
            </Table.Body>
          </Table.Root>
          <Text color="slate" fontSize="13px" px="3" py="2" borderTopWidth="1px">
            Views, submissions and rate are of the last 30 days.
          </Text>
        </Box>
      )}
      {site && <NewWidget key={String(making)} site={site} open={making} onClose={() => setMaking(false)} />}
    </Page>
  );
}

function WidgetRow({ widget, brand }: { widget: ListedWidget; brand: Brand }) {
  const { id, document, shown, submitted } = widget;
  return (
    <Table.Row>
      <Table.Cell>
        <WidgetPicture document={document} brand={brand} width={136} height={88} />
      </Table.Cell>
      <Table.Cell>
        <Link asChild fontWeight="600" fontSize="15px">
          <RouterLink to={`/widgets/${id}`}>{document.name}</RouterLink>
        </Link>
        <Text color="slate" mt="1" maxW="56ch">
          {ruleSentence(document)}
        </Text>
      </Table.Cell>
      <Table.Cell>
        <Stack gap="0.5">
          {widgetState(widget)}
          <Text color="slate" fontSize="13px">
            edited {ago(widget.draftSavedAt)}
          </Text>
        </Stack>
      </Table.Cell>
      <Table.Cell textAlign="end" fontFamily="mono" fontSize="13px">
        {shown === 0 ? '–' : count(shown)}
      </Table.Cell>
      <Table.Cell textAlign="end" fontFamily="mono" fontSize="13px">
        {shown === 0 ? '–' : count(submitted)}
      </Table.Cell>
      <Table.Cell textAlign="end" fontFamily="mono" fontSize="13px">
        {shown === 0 ? '–' : percent(submitted / shown)}
      </Table.Cell>
    </Table.Row>
  );
}

function NoWidgets() {
  return (
    <Flex bg="sheet" borderWidth="1px" rounded="md" p="10" direction="column" align="center" gap="2">
      <Text fontWeight="600">This site has no widgets yet</Text>
      <Text color="slate">
        Make one: give it a name, write its words, say when it appears, and publish it.
      </Text>
    </Flex>
  );
}
