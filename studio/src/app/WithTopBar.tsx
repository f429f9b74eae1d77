import { Suspense } from 'react';
import { Outlet, useLocation } from 'react-router';
import { Boundary } from '../shared/Boundary.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { useSendPending } from './send-pending.ts';
import { TopBar } from './TopBar.tsx';

/** A place below the bar that leads to all of them. */
export function WithTopBar() {
  useSendPending();
  // Tried again wherever one goes next: a page whose code could not be loaded takes nothing else along.
  const { pathname } = useLocation();
  return (
    <>
      <TopBar />
      <Boundary key={pathname} name="this page">
        <Suspense fallback={<Waiting what="Loading the page" />}>
          <Outlet />
        </Suspense>
      </Boundary>
    </>
  );
}
