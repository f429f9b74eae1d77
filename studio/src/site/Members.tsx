import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useSession } from '../app/session.ts';
import { at, patch, post, remove, type Role, type Site, useAnswer } from '../shared/api/index.ts';
import { Choice } from '../shared/Choice.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { exactTime } from '../shared/format.ts';
import { Snippet } from '../shared/Snippet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { Panel } from '../shared/Panel.tsx';
import { inBackground } from '../shared/background.ts';

const roleNames: Record<Role, string> = { owner: 'Owner', member: 'Member' };

/** Who works on the site, and the links that invite others. */
export function Members({ site }: { site: Site }) {
  const { data, mutate } = useAnswer(at('/api/sites/{site}/members', { site: site.id }));
  const memberPath = (member: string) => at('/api/sites/{site}/members/{member}', { site: site.id, member });
  const { data: session } = useSession();
  const [link, setLink] = useState<string | null>(null);
  const [role, setRole] = useState<Role>('member');
  const { error, attempt } = useAttempt();
  const run = (work: () => Promise<unknown>) =>
    attempt(async () => {
      await work();
      await mutate();
    });
  const invite = () =>
    run(async () =>
      setLink((await post(at('/api/sites/{site}/invitations', { site: site.id }), { role })).link),
    );
  const isOwner = data?.members.some(
    ({ email, role: own }) => email === session?.user?.email && own === 'owner',
  );
  return (
    <Panel title="Members">
      <Stack gap="4">
        <Stack as="ul" gap="2" listStyleType="none">
          {data?.members.map(({ id, name, email, role: own }) => (
            <Flex as="li" key={id} gap="3" align="center">
              <Text flex="1" minW="0" truncate>
                {name}{' '}
                <Text as="span" color="slate">
                  {email}
                </Text>
              </Text>
              {isOwner ? (
                <>
                  <Choice
                    label={`Role of ${name}`}
                    width="110px"
                    value={own}
                    options={roleNames}
                    onChange={(next) => inBackground(run(() => patch(memberPath(id), { role: next })))}
                  />
                  <Button
                    size="xs"
                    variant="ghost"
                    colorPalette="plain"
                    aria-label={`Remove ${name}`}
                    onClick={() => inBackground(run(() => remove(memberPath(id))))}
                  >
                    Remove
                  </Button>
                </>
              ) : (
                <Text color="slate">{roleNames[own]}</Text>
              )}
            </Flex>
          ))}
        </Stack>
        {isOwner && (
          <>
            {data?.invitations.map(({ id, role: asked, expiresAt }) => (
              <Flex key={id} gap="3" align="center" color="slate">
                <Text flex="1">
                  Open invitation as {asked}, until {exactTime(expiresAt)}
                </Text>
                <Button
                  size="xs"
                  variant="ghost"
                  colorPalette="plain"
                  onClick={() =>
                    inBackground(
                      run(() =>
                        remove(
                          at('/api/sites/{site}/invitations/{invitation}', { site: site.id, invitation: id }),
                        ),
                      ),
                    )
                  }
                >
                  Withdraw
                </Button>
              </Flex>
            ))}
            <Flex gap="2" align="center">
              <Choice
                label="Role of the invited"
                width="110px"
                value={role}
                options={roleNames}
                onChange={(next) => setRole(next as Role)}
              />
              <Button size="xs" variant="outline" colorPalette="plain" onClick={() => inBackground(invite())}>
                Create invitation link
              </Button>
            </Flex>
          </>
        )}
        {link && <Snippet label="Send this link. It works once, for seven days." text={link} />}
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
