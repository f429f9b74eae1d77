import { ChakraProvider } from '@chakra-ui/react';
import { lazy, Suspense, useEffect } from 'react';
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
import { Helpers } from './Helpers.tsx';
import { system } from './theme.ts';

const loadEditor = () => import('../editor/EditorPage.tsx');
const EditorPage = lazy(async () => ({ default: (await loadEditor()).EditorPage }));
const WithTopBar = lazy(async () => ({ default: (await import('./WithTopBar.tsx')).WithTopBar }));
const WidgetsPage = lazy(async () => ({
  default: (await import('../widgets/WidgetsPage.tsx')).WidgetsPage,
}));
const StartersPage = lazy(async () => ({
  default: (await import('../starters/StartersPage.tsx')).StartersPage,
}));
const BrandPage = lazy(async () => ({ default: (await import('../brand/BrandPage.tsx')).BrandPage }));
const PeoplePage = lazy(async () => ({ default: (await import('../people/PeoplePage.tsx')).PeoplePage }));
const SitePage = lazy(async () => ({ default: (await import('../site/SitePage.tsx')).SitePage }));
const StartPage = lazy(async () => ({ default: (await import('../start/StartPage.tsx')).StartPage }));
const AccountPage = lazy(async () => ({
  default: (await import('../account/AccountPage.tsx')).AccountPage,
}));
const PostPage = lazy(async () => ({ default: (await import('../post/PostPage.tsx')).PostPage }));

const whenIdle = (task: () => void) =>
  'requestIdleCallback' in window ? requestIdleCallback(task) : setTimeout(task, 2000);

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
  if (error && !data) return <ErrorNote error={error} retry={() => void mutate()} />;
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
    </>
  );
}

/** The places of a site; whoever has none begins with making one. */
function WithSite() {
  const { data: sites, error, mutate } = useSites();
  if (error && !sites) return <ErrorNote error={error} retry={() => void mutate()} />;
  return sites?.length === 0 ? <Navigate to="/start" replace /> : <Outlet />;
}

export function App() {
  return (
    <ChakraProvider value={system}>
      <BrowserRouter>
        <Routes>
          <Route path="/sign-in" element={<SignIn />} />
          <Route path="/setup" element={<SetUp />} />
          <Route path="/forgot" element={<ForgotPassword />} />
          <Route path="/reset/:token" element={<ResetPassword />} />
          <Route path="/invitation/:token" element={<Invitation />} />
          <Route element={<SignedIn />}>
            <Route
              path="/widgets/:id"
              element={
                <Boundary name="the editor">
                  <Suspense fallback={<Opening />}>
                    <EditorPage />
                  </Suspense>
                </Boundary>
              }
            />
            <Route element={<WithTopBar />}>
              <Route path="/start" element={<StartPage />} />
              <Route path="/account" element={<AccountPage />} />
              <Route element={<WithSite />}>
                <Route path="/widgets" element={<WidgetsPage />} />
                <Route path="/starters" element={<StartersPage />} />
                <Route path="/brand" element={<BrandPage />} />
                <Route path="/people" element={<PeoplePage />} />
                <Route path="/site" element={<SitePage />} />
                <Route path="/post" element={<PostPage />} />
              </Route>
            </Route>
          </Route>
          <Route path="*" element={<Navigate to="/widgets" replace />} />
        </Routes>
      </BrowserRouter>
    </ChakraProvider>
  );
}
