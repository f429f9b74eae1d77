import { Box, Popover, Stack, Text } from '@chakra-ui/react';
import { ago } from '../../shared/format.ts';
import { Snippet } from '../../shared/Snippet.tsx';
import { StateMark } from '../../shared/StateMark.tsx';
import type { Install } from '../../shared/api/index.ts';
import { scriptTag, useInstall } from '../../site/install.ts';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { OpenLines } from './OpenLines.tsx';

/** That it is published, whether the site will really show it, and how a page shows or opens it. */
export function Published() {
  const { widget, site } = useEditing();
  const { placement } = useSettledDocument();
  const { data } = useInstall(site);
  const marker = `<div data-sirene="${widget.slug}"></div>`;
  return (
    <Stack gap="3">
      <Popover.Title fontWeight="600">Published</Popover.Title>
      <Text>Visitors of {site.name} get this version from their next page view.</Text>
      {data && <Connection install={data} tag={scriptTag(site)} />}
      {placement.type === 'inline' && (
        <Snippet label="Marker: put this in the page where the widget should appear" text={marker} />
      )}
      {placement.type === 'page' && (
        <Snippet label="Its address" text={`${location.origin}/p/${site.key}/${widget.slug}`} />
      )}
      {placement.type !== 'page' && placement.type !== 'inline' && <OpenLines slug={widget.slug} />}
    </Stack>
  );
}

/** Nothing is said before it is known: what comes and goes would take the focus along. */
function Connection({ install, tag }: { install: Install; tag: string }) {
  return install.connected && install.at !== null ? (
    <Box>
      <StateMark tone="good">The site is connected</StateMark>
      <Text color="slate">
        The script was last seen {ago(install.at)}, on {install.page}
      </Text>
    </Box>
  ) : (
    <>
      <StateMark tone="waiting">The script has not been detected on the site yet</StateMark>
      <Snippet label="Put this once in the head of every page" text={tag} />
    </>
  );
}
