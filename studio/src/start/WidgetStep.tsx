import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { Site } from '../shared/api/index.ts';
import { NewWidget } from '../widgets/NewWidget.tsx';

/** Where the first widget comes from. */
export function WidgetStep({ site }: { site: Site }) {
  const [creating, setCreating] = useState(false);
  return (
    <Stack gap="5">
      <Text>
        {site.name} is set up. Begin with a starter, which takes on the brand at once, or with an empty
        widget.
      </Text>
      <Flex gap="2" wrap="wrap">
        <Button asChild colorPalette="signal">
          <RouterLink to="/starters">Choose a starter</RouterLink>
        </Button>
        <Button variant="outline" colorPalette="plain" onClick={() => setCreating(true)}>
          New empty widget
        </Button>
        <Button asChild variant="ghost" colorPalette="plain">
          <RouterLink to="/widgets">Go to widgets</RouterLink>
        </Button>
      </Flex>
      {creating && <NewWidget site={site} onClose={() => setCreating(false)} />}
    </Stack>
  );
}
