import { Button, Spinner, Stack, Text } from '@chakra-ui/react';
import { Link } from 'react-router';

/** Stands where something is on its way and says what: a slow connection never shows an empty screen. */
export function Waiting({ what, back }: { what: string; back?: { to: string; label: string } }) {
  return (
    <Stack align="center" justify="center" h="60vh" gap="4">
      <Spinner aria-hidden />
      <Text role="status" color="slate">
        {what} …
      </Text>
      {back && (
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <Link to={back.to}>{back.label}</Link>
        </Button>
      )}
    </Stack>
  );
}
