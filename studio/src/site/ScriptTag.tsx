import { Box, Stack, Text } from '@chakra-ui/react';
import type { Site } from '../shared/api/index.ts';
import { ago, exactTime } from '../shared/format.ts';
import { Snippet } from '../shared/Snippet.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { scriptTag, useInstall } from './install.ts';

/** The script tag to copy, and whether the site's pages have it. */
export function ScriptTag({ site }: { site: Site }) {
  const { data } = useInstall(site);
  return (
    <Stack gap="4">
      <Snippet
        label={`Put this once in the head of every page of ${site.name}. Publishing a widget never needs it changed.`}
        text={scriptTag(site)}
      />
      {data?.connected && data.at !== null && (
        <Box>
          <StateMark tone="good">Connected</StateMark>
          <Text mt="1" title={exactTime(data.at)}>
            The script was last seen {ago(data.at)}, on {data.page}
          </Text>
        </Box>
      )}
      {data && !data.connected && (
        <Box>
          <StateMark tone="waiting">Not detected yet</StateMark>
          <Text mt="1">Open a page of the site that contains the tag; this changes within seconds.</Text>
        </Box>
      )}
    </Stack>
  );
}
