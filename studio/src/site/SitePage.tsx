import { Button, Field, Flex, Stack, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { defaultLanguage, type Language } from '@sirene/core/base/messages';
import { mutate } from 'swr';
import { useSite } from '../app/session.ts';
import { at, patch, put, type Site, useAnswer } from '../shared/api/index.ts';
import { Choice } from '../shared/Choice.tsx';
import { languageNames } from '../shared/language-names.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { NameForm } from '../shared/NameForm.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { Page } from '../shared/Page.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { CodePools } from './CodePools.tsx';
import { DeskGroups } from './DeskGroups.tsx';
import { MemberChat } from './MemberChat.tsx';
import { MemberIdentity } from './MemberIdentity.tsx';
import { Members } from './Members.tsx';
import { MessengerChecks } from './MessengerChecks.tsx';
import { Panel } from '../shared/Panel.tsx';
import { OutsideService } from './OutsideService.tsx';
import { ScriptTag } from './ScriptTag.tsx';
import { SpamWords } from './SpamWords.tsx';
import { WebhookKey } from './WebhookKey.tsx';
import { SitePolicy, SiteZone } from './SiteRules.tsx';
import { inBackground } from '../shared/background.ts';

/** The site: its name, how it is connected, which pages may show widgets, who works on it. */
export function SitePage() {
  const { site } = useSite();
  return (
    <Page title="Site">
      {site && (
        <Stack gap="4" maxW="820px">
          <SiteName key={`name ${site.id}`} site={site} />
          <Panel title="Script tag">
            <ScriptTag site={site} />
          </Panel>
          <SiteLanguage site={site} />
          <SiteZone site={site} />
          <SitePolicy key={`policy ${site.id}`} site={site} />
          <SpamWords key={`spam ${site.id}`} site={site} />
          <CodePools key={`codes ${site.id}`} site={site} />
          <WebhookKey key={`webhooks ${site.id}`} site={site} />
          <OutsideService key={`payments ${site.id}`} site={site} kind="payments" />
          <OutsideService key={`members ${site.id}`} site={site} kind="members" />
          <OutsideService key={`messenger ${site.id}`} site={site} kind="messenger">
            <MessengerChecks site={site} />
          </OutsideService>
          <DeskGroups key={`groups ${site.id}`} site={site} />
          <MemberIdentity key={`identity ${site.id}`} site={site} />
          <MemberChat key={`member chat ${site.id}`} site={site} />
          <Origins key={site.id} site={site} />
          <Members site={site} />
          <Archive site={site} />
        </Stack>
      )}
    </Page>
  );
}

function SiteName({ site }: { site: Site }) {
  const save = async (name: string) => {
    await patch(at('/api/sites/{site}', { site: site.id }), { name });
    await mutate('/api/sites');
  };
  return (
    <Panel title="Name">
      <NameForm label="Site name" action="Rename" name={site.name} onSave={save} />
    </Panel>
  );
}

/** The language of what visitors read; the widgets that are published are published anew with it. */
function SiteLanguage({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/brand', { site: site.id });
  const { data: brand, mutate: mutateBrand } = useAnswer(path);
  const { error, attempt } = useAttempt();
  const choose = (language: Language) =>
    attempt(async () => {
      if (brand) await mutateBrand(await put(path, { ...brand, language }), { revalidate: false });
    });
  return (
    <Panel title="Language">
      <Stack gap="3" align="start">
        <Choice
          label="Language"
          size="sm"
          width="220px"
          value={brand?.language ?? defaultLanguage}
          options={languageNames}
          onChange={(language) => inBackground(choose(language))}
        />
        <Text color="slate">
          Messages, buttons and units that widgets do not set themselves, and the direction of text. A widget
          can choose another.
        </Text>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}

function Archive({ site }: { site: Site }) {
  const { error, attempt } = useAttempt();
  const isArchived = site.archivedAt !== null;
  const turn = () =>
    attempt(async () => {
      await patch(at('/api/sites/{site}', { site: site.id }), { archived: !isArchived });
      await mutate('/api/sites');
    });
  return (
    <Panel title={isArchived ? 'Archived' : 'Archive'}>
      <Stack gap="3" align="start">
        <Text color="slate">
          {isArchived
            ? 'Visitors see none of this site’s widgets. Everything is kept, and can be restored.'
            : 'Archiving hides all of this site’s widgets from visitors at once. Everything is kept, and can be restored.'}
        </Text>
        {error !== null && <ErrorNote error={error} />}
        <Button size="sm" variant="outline" colorPalette="plain" onClick={() => inBackground(turn())}>
          {isArchived ? 'Restore site' : 'Archive site'}
        </Button>
      </Stack>
    </Panel>
  );
}

function Origins({ site }: { site: Site }) {
  const [text, setText] = useState(site.origins.join('\n'));
  const { error, attempt } = useAttempt();
  const [saved, setSaved] = useState(false);
  const origins = text.split(/\s+/).filter(Boolean);
  const changed = origins.join() !== site.origins.join();
  const save = () =>
    attempt(async () => {
      await patch(at('/api/sites/{site}', { site: site.id }), { origins });
      await mutate('/api/sites');
      setSaved(true);
    });
  return (
    <Panel title="Allowed origins">
      <Stack gap="4">
        <Field.Root invalid={error !== null}>
          <Field.Label>Pages of these origins may show the site’s widgets</Field.Label>
          <Textarea
            fontFamily="mono"
            fontSize="13px"
            rows={4}
            value={text}
            onChange={(event) => {
              setText(event.target.value);
              setSaved(false);
            }}
          />
          <Field.HelperText>
            One per line, such as https://www.place.example, without a path. All other pages are refused.
          </Field.HelperText>
        </Field.Root>
        {error !== null && <ErrorNote error={error} />}
        <Flex gap="3" align="center">
          <Button size="sm" colorPalette="signal" disabled={!changed} onClick={() => inBackground(save())}>
            Save origins
          </Button>
          {saved && !changed && <StateMark tone="good">Saved</StateMark>}
        </Flex>
      </Stack>
    </Panel>
  );
}
