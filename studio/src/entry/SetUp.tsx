import { Navigate, useNavigate } from 'react-router';
import { useSession } from '../app/session.ts';
import { at, post } from '../shared/api/index.ts';
import { AccountForm } from './AccountForm.tsx';
import { EntryBox } from './EntryBox.tsx';
import { useEntry } from './use-entry.ts';

/** The first account of a new installation. */
export function SetUp() {
  const { data: session } = useSession();
  const { error, enter } = useEntry();
  const navigate = useNavigate();
  if (session && !session.setUp && !session.user) return <Navigate to="/sign-in" replace />;
  return (
    <EntryBox
      title="Create the owner’s account"
      text="Nobody has an account on this server yet. The first one is yours."
    >
      <AccountForm
        code
        action="Create account"
        error={error}
        onCreate={async (account) => {
          if (await enter(() => post(at('/api/session/setup'), account)))
            await navigate('/start', { replace: true });
        }}
      />
    </EntryBox>
  );
}
