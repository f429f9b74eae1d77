import { ChakraProvider } from '@chakra-ui/react';
import { lazy, Suspense, useEffect, type ComponentType } from 'react';
import { BrowserRouter, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { Opening } from '../editor/Opening.tsx';
import { Boundary } from '../shared/Boundary.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { ForgotPassword } from '../entry/ForgotPassword.tsx';
import { Invitation } from '../entry/Invitation.tsx';
import { ResetPassword } from '../entry/ResetPassword.tsx';
import { SetUp } from '../entry/SetUp.tsx';
import { SignIn } from '../entry/SignIn.tsx';
import { useSession, useSites } from './session.ts';
import { whenIdle } from './when-idle.ts';
import { Failures } from './Failures.tsx';
import { Helpers } from './Helpers.tsx';
import { allPlaces, otherPaths, type PlacePath } from './places.ts';
import { system } from './theme.ts';
import { inBackground } from '../shared/background.ts';

const loadEditor = () => import('../editor/EditorPage.tsx');
const EditorPage = lazy(async () => ({ default: (await loadEditor()).EditorPage }));
const WithTopBar = lazy(async () => ({ default: (await import('./WithTopBar.tsx')).WithTopBar }));

const page = (load: () => Promise<ComponentType>) => lazy(async () => ({ default: await load() }));

/** What stands at each place, loaded when it is gone to. */
const pages: Record<PlacePath, ComponentType> = {
  '/widgets': page(async () => (await import('../widgets/WidgetsPage.tsx')).WidgetsPage),
  '/starters': page(async () => (await import('../starters/StartersPage.tsx')).StartersPage),
  '/brand': page(async () => (await import('../brand/BrandPage.tsx')).BrandPage),
  '/people': page(async () => (await import('../people/inbox/InboxPage.tsx')).InboxPage),
  '/people/persons': page(async () => (await import('../people/PersonsPage.tsx')).PersonsPage),
  '/people/leads': page(async () => (await import('../people/leads/LeadsPage.tsx')).LeadsPage),
  '/people/invoices': page(async () => (await import('../people/invoices/InvoicesPage.tsx')).InvoicesPage),
  '/people/lists': page(async () => (await import('../people/ListsPage.tsx')).ListsPage),
  '/people/sheets': page(async () => (await import('../people/SheetsPage.tsx')).SheetsPage),
  '/desk': page(async () => (await import('../desk/DeskPage.tsx')).DeskPage),
  '/site': page(async () => (await import('../site/SitePage.tsx')).SitePage),
  '/post': page(async () => (await import('../post/PostPage.tsx')).PostPage),
  '/start': page(async () => (await import('../start/StartPage.tsx')).StartPage),
  '/account': page(async () => (await import('../account/AccountPage.tsx')).AccountPage),
};

const routesOf = (withoutSite: boolean) =>
  allPlaces.flatMap(([path, place]) => {
    const Place = pages[path];
    return (place.withoutSite ?? false) === withoutSite ? (
      <Route key={path} path={path} element={<Place />} />
    ) : (
      []
    );
  });

/** Lets only signed-in people past; the others come back here after signing in. */
function SignedIn() {
  const { data, error, mutate } = useSession();
  const location = useLocation();
  const isIn = !!data?.user;
  // The editor is where most go next: its code comes while one looks at the list. Opening it says when it cannot.
  useEffect(() => {
    if (isIn) whenIdle(() => void loadEditor().catch(() => undefined));
  }, [isIn]);
  // A later answer that fails leaves all as it is: what is being edited goes on while the server is away.
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Signing in" />;
  if (data.setUp) return <Navigate to="/setup" replace />;
  if (!data.user)
    return <Navigate to="/sign-in" replace state={{ from: location.pathname + location.search }} />;
  return (
    <>
      <Suspense fallback={<Waiting what="Loading the page" />}>
        <Outlet />
      </Suspense>
      <Helpers />
      <Failures />
    </>
  );
}

/** The places of a site; whoever has none begins with making one. */
function WithSite() {
  const { data: sites, error, mutate } = useSites();
  if (error && !sites) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  return sites?.length === 0 ? <Navigate to="/start" replace /> : <Outlet />;
}

export function App() {
  return (
    <ChakraProvider value={system}>
      <BrowserRouter>
        <Routes>
          <Route path={otherPaths.signIn} element={<SignIn />} />
          <Route path={otherPaths.setUp} element={<SetUp />} />
          <Route path={otherPaths.forgot} element={<ForgotPassword />} />
          <Route path={otherPaths.reset} element={<ResetPassword />} />
          <Route path={otherPaths.invitation} element={<Invitation />} />
          <Route element={<SignedIn />}>
            <Route
              path={otherPaths.editor}
              element={
                <Boundary name="the editor">
                  <Suspense fallback={<Opening />}>
                    <EditorPage />
                  </Suspense>
                </Boundary>
              }
            />
            <Route element={<WithTopBar />}>
              {routesOf(true)}
              <Route element={<WithSite />}>{routesOf(false)}</Route>
            </Route>
          </Route>
          <Route path="*" element={<Navigate to="/widgets" replace />} />
        </Routes>
      </BrowserRouter>
    </ChakraProvider>
  );
}
