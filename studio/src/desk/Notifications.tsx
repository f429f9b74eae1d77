import { Button } from '@chakra-ui/react';
import { useState } from 'react';
import { inBackground } from '../shared/background.ts';
import { tellsOfNews } from './use-bell.ts';

/** Asks the browser once whether it may tell of messages while another window is in front. */
export function Notifications() {
  const [isAsked, setAsked] = useState(
    () => !('Notification' in window) || Notification.permission !== 'default',
  );
  if (isAsked || tellsOfNews()) return null;
  return (
    <Button
      size="2xs"
      variant="outline"
      colorPalette="plain"
      onClick={() => inBackground(Notification.requestPermission().then(() => setAsked(true)))}
    >
      Notify me
    </Button>
  );
}
