import { Box, Button, Flex, Grid, Stack, Text } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useSession, useSite } from '../../app/session.ts';
import { at, post, type Site, useAnswer, withQuery } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { EmptyNote } from '../../shared/EmptyNote.tsx';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { count } from '../../shared/format.ts';
import { ChoiceFilter, ShowMore, WordsFilter } from '../Filters.tsx';
import { PeopleTabs } from '../PeopleTabs.tsx';
import { BulkBar } from './BulkBar.tsx';
import { columnsOf } from './columns.ts';
import { ColumnsMenu } from './ColumnsMenu.tsx';
import { FailedNote } from './FailedNote.tsx';
import { SubmissionDetail } from './SubmissionDetail.tsx';
import { SubmissionTable } from './SubmissionTable.tsx';
import { isFiltered, queryOf, useInboxSearch } from './use-inbox-search.ts';
import { ViewsBar } from './ViewsBar.tsx';

/** What visitors sent: the list beside the one that is open. */
export function InboxPage() {
  const { site } = useSite();
  return <PeopleTabs>{site && <Inbox key={site.id} site={site} />}</PeopleTabs>;
}

function Inbox({ site }: { site: Site }) {
  const { shown, openId: askedFor, show, showColumns, open } = useInboxSearch();
  const [limit, setLimit] = useState(50);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const { data: widgets = [] } = useAnswer(at('/api/sites/{site}/widgets', { site: site.id }));
  const { data: { members } = { members: [] } } = useAnswer(
    at('/api/sites/{site}/members', { site: site.id }),
  );
  const { data: session } = useSession();
  const query = queryOf(shown);
  const { data, error, mutate } = useAnswer(
    withQuery(at('/api/sites/{site}/submissions', { site: site.id }), { ...query, limit }),
    { refreshInterval: 5000, keepPreviousData: true },
  );
  const submissions = data?.submissions ?? [];
  const openId = askedFor ?? submissions[0]?.id;
  const offered = shown.widget === '' ? [] : columnsOf(submissions);
  const columns = offered.filter(({ key }) => shown.columns.includes(key));
  const changed = () => inBackground(mutate());
  const read = async (submission: string) => {
    const body = { submissions: [submission], read: true };
    await post(at('/api/sites/{site}/submissions/change', { site: site.id }), body);
    changed();
  };
  const look = (id: string) => {
    open(id);
    if (submissions.find((one) => one.id === id)?.read === false) inBackground(read(id));
  };
  const filter = (changes: Parameters<typeof show>[0]) => {
    setChosen(new Set());
    show(changes);
  };
  const none = (
    <EmptyNote title={isFiltered(shown) ? 'No matches' : 'No submissions yet'}>
      {isFiltered(shown)
        ? 'Try fewer words, or all widgets.'
        : 'Publish a widget with a form, open the site as a visitor and submit it: it appears here.'}
    </EmptyNote>
  );
  return (
    <Stack gap="3">
      <Flex gap="3" align="center" wrap="wrap">
        <WordsFilter
          label="Search submissions"
          placeholder="Search names, addresses, messages, pages"
          value={shown.words}
          onChange={(words) => filter({ words })}
        />
        <ChoiceFilter
          label="Widget"
          value={shown.widget}
          options={[['', 'All widgets'], ...widgets.map(({ id, name }) => [id, name] as const)]}
          onChange={(widget) => filter({ widget, columns: [] })}
        />
        <ChoiceFilter
          label="Assigned to"
          value={shown.assignee}
          options={[
            ['', 'All assignees'],
            ['nobody', 'Unassigned'],
            ...members.map(({ id, name }) => [id, name] as const),
          ]}
          onChange={(assignee) => filter({ assignee })}
        />
        <Button
          size="sm"
          variant={shown.isUnread ? 'subtle' : 'outline'}
          colorPalette="plain"
          aria-pressed={shown.isUnread}
          onClick={() => filter({ isUnread: !shown.isUnread })}
        >
          Unread{data && data.unread > 0 && ` (${count(data.unread)})`}
        </Button>
        {data && (data.held > 0 || shown.isHeld) && (
          <Button
            size="sm"
            variant={shown.isHeld ? 'subtle' : 'outline'}
            colorPalette="plain"
            aria-pressed={shown.isHeld}
            onClick={() => filter({ isHeld: !shown.isHeld })}
          >
            Held back as spam ({count(data.held)})
          </Button>
        )}
        <Flex gap="3" align="center" ms="auto">
          {offered.length > 0 && <ColumnsMenu offered={offered} shown={shown.columns} onShow={showColumns} />}
          <Button asChild size="sm" variant="outline" colorPalette="plain">
            <a href={withQuery(at('/api/sites/{site}/submissions.csv', { site: site.id }), query)} download>
              <Download size={15} aria-hidden />
              Export as CSV
            </a>
          </Button>
        </Flex>
      </Flex>
      <Flex gap="3" align="center" wrap="wrap" minH="6">
        <ViewsBar site={site} shown={shown} onShow={filter} />
        <Text color="slate" ms="auto" role="status">
          {data &&
            `${data.isMore ? 'more than ' : ''}${count(data.total)} ${data.total === 1 ? 'submission' : 'submissions'}`}
        </Text>
      </Flex>
      {data && data.failed > 0 && <FailedNote site={site} failed={data.failed} onChange={changed} />}
      {chosen.size > 0 && (
        <BulkBar
          site={site}
          members={members}
          chosen={chosen}
          isHeld={shown.isHeld}
          isOwner={members.some(({ email, role }) => role === 'owner' && email === session?.user?.email)}
          onDone={() => {
            setChosen(new Set());
            changed();
          }}
          onClear={() => setChosen(new Set())}
        />
      )}
      {error ? <ErrorNote error={error} retry={changed} /> : null}
      {data && data.total === 0 && !openId && none}
      {data && (data.total > 0 || openId) && (
        <Grid
          templateColumns={{ base: 'repeat(2, minmax(0, 1fr))', lg: 'minmax(0, 1fr) 380px' }}
          gap="4"
          alignItems="start"
        >
          {data.total === 0 ? (
            none
          ) : (
            <Box bg="sheet" borderWidth="1px" rounded="md" overflowX="auto">
              <SubmissionTable
                submissions={submissions}
                columns={columns}
                openId={openId}
                chosen={chosen}
                onOpen={look}
                onChoose={setChosen}
              />
              {data.total > submissions.length && limit < 200 && <ShowMore onClick={() => setLimit(200)} />}
            </Box>
          )}
          {openId && (
            <SubmissionDetail
              key={openId}
              site={site}
              members={members}
              id={openId}
              onChange={() => {
                // What was acted on stays open, also where the filter no longer finds it.
                open(openId);
                changed();
              }}
            />
          )}
        </Grid>
      )}
    </Stack>
  );
}
