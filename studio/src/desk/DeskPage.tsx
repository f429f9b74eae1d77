import { Box, Flex, Grid, NativeSelect, Text } from '@chakra-ui/react';
import { lastSeq } from '@sirene/core/chat';
import { useCallback, useEffect, useEffectEvent, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSession, useSite } from '../app/session.ts';
import {
  at,
  type Conversation,
  type DeskGroup,
  type ListedConversation,
  type Site,
  useAnswer,
  withQuery,
} from '../shared/api/index.ts';
import type { Member } from '../shared/AssigneeSelect.tsx';
import { inBackground } from '../shared/background.ts';
import { EmptyNote } from '../shared/EmptyNote.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Page } from '../shared/Page.tsx';
import { AboutVisitor } from './AboutVisitor.tsx';
import { ConversationList } from './ConversationList.tsx';
import { ConversationView } from './ConversationView.tsx';
import { readConversation, useConversation } from './use-conversation.ts';
import { useDeskSettings } from './desk-settings.ts';
import { DeskReport } from './DeskReport.tsx';
import { MemberReports } from './MemberReports.tsx';
import { DeskTools } from './DeskTools.tsx';
import { useBell } from './use-bell.ts';
import { useDeskLine, type DeskLine } from './use-desk-line.ts';
import { useThrottled } from './use-throttled.ts';

/** Where chats are answered. */
export function DeskPage() {
  const { site } = useSite();
  return (
    <Page
      title="Desk"
      aside={
        site && (
          <Flex gap="2">
            <MemberReports key={`reports ${site.id}`} site={site} />
            <DeskReport site={site} />
          </Flex>
        )
      }
    >
      {site && <Desk key={site.id} site={site} />}
    </Page>
  );
}

/** Which conversations are listed; who uses the desk is a member by their address. */
const shown = {
  all: { label: 'Waiting and open', fits: () => true },
  waiting: { label: 'Waiting', fits: ({ state }: ListedConversation) => state === 'waiting' },
  mine: {
    label: 'Mine',
    // What was handed to a group is that of each of it, until one takes it on.
    fits: ({ assignee, group }: ListedConversation, me: string | undefined, own: ReadonlySet<string>) =>
      assignee === me || (assignee === null && group !== null && own.has(group)),
  },
  others: {
    label: 'Others’',
    fits: ({ assignee }: ListedConversation, me: string | undefined) => assignee !== null && assignee !== me,
  },
  snoozed: { label: 'Snoozed', fits: () => true },
  closed: { label: 'Closed', fits: () => true },
} as const;
type Shown = keyof typeof shown;

const minuteMs = 60_000;
/** So long after a conversation was chosen the address says which: the router draws the whole page for it (bench/desk). */
const addressMs = 300;
/** Thousands of them are not compared with those before: drawing the few that can be seen takes less (bench/desk). */
const asIs = { compare: Object.is };

/** Which conversation is open. */
interface Kept {
  which: Shown;
  id: string;
  /** What the address said then. */
  asked: string | null;
  /** It was chosen here, and the address is to follow. */
  isAhead?: boolean;
  /** What the address was told to say since, the last of it last: on a slow machine it says so late, and all of it in turn. */
  told?: readonly string[];
}

const noGroups: { groups: DeskGroup[] } = { groups: [] };

function Desk({ site }: { site: Site }) {
  const [search, setSearch] = useSearchParams();
  const wanted = search.get('show') ?? '';
  const which = (Object.hasOwn(shown, wanted) ? wanted : 'all') as Shown;
  const { data: session } = useSession();
  const { data: { members } = { members: [] } } = useAnswer(
    at('/api/sites/{site}/members', { site: site.id }),
  );
  const me = members.find(({ email }) => email === session?.user?.email)?.id;
  const { data: { groups } = noGroups } = useAnswer(at('/api/sites/{site}/desk-groups', { site: site.id }));
  const own = useMemo(
    () => new Set(groups.filter((one) => me !== undefined && one.members.includes(me)).map(({ id }) => id)),
    [groups, me],
  );
  const { data, error, mutate } = useAnswer(
    withQuery(at('/api/sites/{site}/conversations', { site: site.id }), {
      state: which === 'closed' || which === 'snoozed' ? which : 'going',
    }),
    asIs,
  );
  const [{ isMuted, isAway }, setSettings] = useDeskSettings();
  useBell(which === 'closed' || which === 'snoozed' ? undefined : data, me, isMuted);
  const conversations = useMemo(
    () => (data ?? []).filter((one) => shown[which].fits(one, me, own)),
    [data, which, me, own],
  );
  const asked = search.get('conversation');
  const [kept, setKept] = useState<Kept>();
  // What was chosen counts until the address has followed: what is typed by then must not go to the one before. Once one is open it
  // stays, whatever comes in above it.
  const isLate = kept?.told !== undefined && asked !== null && kept.told.includes(asked) && kept.id !== asked;
  const isChosen = kept?.which === which && (kept.asked === asked || isLate);
  const before = kept?.which === which ? kept.id : undefined;
  const openId = (isChosen ? kept.id : (asked ?? before)) ?? conversations[0]?.id;
  if (openId !== undefined && (!isChosen || kept.id !== openId)) setKept({ which, id: openId, asked });
  const waiting =
    which === 'closed' || which === 'snoozed'
      ? 0
      : (data ?? []).filter(({ state }) => state === 'waiting').length;
  useEffect(() => {
    document.title = `${waiting > 0 ? `(${waiting}) ` : ''}Desk · Sirene`;
  }, [waiting]);
  const [drafts] = useState(() => new Map<string, string>());
  const [beat, setBeat] = useState(0);
  const refresh = useThrottled(() => inBackground(mutate()), 1000);
  // What rested comes back by the clock, and nobody tells of it.
  const lookAgain = useEffectEvent(refresh);
  useEffect(() => {
    const timer = setInterval(() => lookAgain(), minuteMs);
    return () => clearInterval(timer);
  }, []);
  const [seen, setSeen] = useState({ id: '', seq: 0 });
  const line = useDeskLine(
    site,
    { open: openId, seen: seen.id === openId ? seen.seq : 0, away: isAway },
    () => {
      refresh();
      setBeat((before) => before + 1);
    },
  );
  const [begun] = useState(() => new Map<string, Promise<Conversation>>());
  const open = useCallback(
    (id: string) => {
      if (id === openId) return;
      const answer = readConversation(site, id, 0);
      // Whoever waits for it says what went wrong.
      answer.catch(() => undefined);
      begun.set(id, answer);
      setKept((last) => ({ which, id, asked, isAhead: true, told: last?.told ?? [] }));
    },
    [site, begun, which, asked, openId, setKept],
  );
  useEffect(() => {
    if (!isChosen || kept.isAhead !== true || kept.told?.at(-1) === kept.id) return;
    const show = { ...(which !== 'all' && { show: which }), conversation: kept.id };
    const timer = setTimeout(() => {
      setKept((last) => last && { ...last, told: [...(last.told ?? []), kept.id] });
      setSearch(show, { replace: true });
    }, addressMs);
    return () => clearTimeout(timer);
  }, [isChosen, kept, which, setSearch]);
  const openEarlier = useCallback(
    ({ id, state }: ListedConversation) =>
      setSearch({ show: state === 'closed' ? 'closed' : 'all', conversation: id }),
    [setSearch],
  );
  const change = useCallback(() => inBackground(mutate()), [mutate]);
  const step = (by: number) => {
    const next = conversations[conversations.findIndex(({ id }) => id === openId) + by];
    if (next) open(next.id);
  };
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: '320px minmax(0, 1fr)' }}
      gap="4"
      alignItems="stretch"
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== 'ArrowDown' && event.key !== 'ArrowUp')) return;
        event.preventDefault();
        step(event.key === 'ArrowDown' ? 1 : -1);
      }}
    >
      <Flex
        direction="column"
        bg="sheet"
        borderWidth="1px"
        rounded="md"
        overflow="hidden"
        h={{ lg: 'calc(100vh - 180px)' }}
      >
        <Flex p="3" borderBottomWidth="1px" gap="2" align="center">
          <NativeSelect.Root size="sm" flex="1">
            <NativeSelect.Field
              aria-label="Show"
              value={which}
              onChange={({ target }) => setSearch(target.value === 'all' ? {} : { show: target.value })}
            >
              {Object.entries(shown).map(([key, { label }]) => (
                <option key={key} value={key}>
                  {label}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
          <Text color={line.isCut ? 'brass' : 'slate'} fontSize="12px" role="status">
            {line.isCut ? 'Connection lost. Trying again.' : `${waiting} waiting`}
          </Text>
        </Flex>
        <DeskTools {...{ isAway, isMuted }} onChange={setSettings} />
        {error ? <ErrorNote error={error} retry={() => inBackground(mutate())} /> : null}
        {data && conversations.length === 0 && (
          <Text p="4" color="slate">
            No conversations here.
          </Text>
        )}
        <ConversationList {...{ conversations, groups, members, openId }} onOpen={open} />
      </Flex>
      {openId === undefined ? (
        <EmptyNote title="No conversation is open">
          When a visitor writes by a chat widget, the conversation appears here. Add a Chat element to a
          widget to begin.
        </EmptyNote>
      ) : (
        <OneOpen
          id={openId}
          listed={conversations.find(({ id }) => id === openId)}
          {...{ site, members, groups, begun, beat, drafts, line }}
          onSeen={(seq) => setSeen({ id: openId, seq })}
          onOpen={openEarlier}
          onChange={change}
        />
      )}
    </Grid>
  );
}

interface OneOpenProps {
  site: Site;
  groups: readonly DeskGroup[];
  members: readonly Member[];
  id: string;
  listed: ListedConversation | undefined;
  begun: Map<string, Promise<Conversation>>;
  beat: number;
  drafts: Map<string, string>;
  line: DeskLine;
  /** All up to a message has been looked at. */
  onSeen(seq: number): void;
  onOpen(conversation: ListedConversation): void;
  onChange(): void;
}

/**
 * The conversation that is open, beside what is known of the visitor. Going to another changes what it shows: to make all of it anew
 * would take twice as long (bench/desk), and the place where somebody types would lose the focus.
 */
function OneOpen(props: OneOpenProps) {
  const { site, members, groups, id, listed, begun, beat, drafts, line, onSeen, onOpen, onChange } = props;
  const conversation = useConversation(site, id, listed, begun, beat);
  const seq = lastSeq(conversation.log);
  const look = useEffectEvent(() => {
    if (!document.hidden && seq > 0) onSeen(seq);
  });
  useEffect(() => {
    look();
    const looked = () => look();
    document.addEventListener('visibilitychange', looked);
    return () => document.removeEventListener('visibilitychange', looked);
  }, [id, seq]);
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', xl: 'minmax(0, 1fr) 240px' }}
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      overflow="hidden"
      h={{ lg: 'calc(100vh - 180px)' }}
    >
      <ConversationView
        {...{ id, site, members, groups, conversation, drafts, onChange }}
        signs={line.signs}
        onTyping={line.types}
        onSent={line.sent}
      />
      {conversation.about && (
        <Box borderStartWidth={{ xl: '1px' }} overflow="auto">
          <AboutVisitor
            key={id}
            about={conversation.about}
            {...{ site, onOpen }}
            isHere={line.signs?.isHere}
            onChange={conversation.catchUp}
          />
        </Box>
      )}
    </Grid>
  );
}
