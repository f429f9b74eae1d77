import { Button, Link, Stack, Text } from '@chakra-ui/react';
import { Link as RouterLink, useLocation, useNavigate, useParams } from 'react-router';
import { mutate } from 'swr';
import { useSession } from '../app/session.ts';
import { at, post, useAnswer } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { AccountForm } from './AccountForm.tsx';
import { EntryBox } from './EntryBox.tsx';
import { useEntry } from './use-entry.ts';
import { inBackground } from '../shared/background.ts';

/** What a link that invites opens: to join as who one is, or with a new account. */
export function Invitation() {
  const { token = '' } = useParams();
  const path = at('/api/session/invitations/{token}', { token });
  const { data: session } = useSession();
  const { data: invited, error: refused } = useAnswer(path, { revalidateOnFocus: false });
  const { error, enter } = useEntry();
  const navigate = useNavigate();
  const here = useLocation().pathname;
  const open = async (send: () => Promise<unknown>) => {
    if (!(await enter(send))) return;
    await mutate('/api/sites');
    await navigate('/widgets', { replace: true });
  };
  if (refused)
    return (
      <EntryBox title="Invitation" text="This link does not work any more.">
        <ErrorNote error={refused} />
        <Link asChild mt="4" fontSize="13px">
          <RouterLink to="/sign-in">Back to sign in</RouterLink>
        </Link>
      </EntryBox>
    );
  if (!invited || !session) return <Waiting what="Opening the invitation" />;
  return (
    <EntryBox
      title={`Join ${invited.site}`}
      text={`${invited.by} invites you to work on this site as ${invited.role}.`}
    >
      {session.user ? (
        <Stack gap="4">
          <Text>You are signed in as {session.user.email}.</Text>
          {error !== null && <ErrorNote error={error} />}
          <Button
            colorPalette="signal"
            onClick={() =>
              inBackground(open(() => post(at('/api/session/invitations/{token}/join', { token }))))
            }
          >
            Join
          </Button>
        </Stack>
      ) : (
        <Stack gap="4">
          <AccountForm
            action="Create account and join"
            error={error}
            onCreate={(account) => open(() => post(path, account))}
          />
          <Link asChild alignSelf="start" fontSize="13px">
            <RouterLink to="/sign-in" state={{ from: here }}>
              I have an account: sign in
            </RouterLink>
          </Link>
        </Stack>
      )}
    </EntryBox>
  );
}
