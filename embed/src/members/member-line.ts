/** What the server tells a member. */
export interface MembersAnswer {
  me: { id: string; name: string };
  threads: readonly MemberThread[];
  after: number;
  messages: readonly MemberMessage[];
  /** Those of the messages before that the desk has removed, by their ids. */
  removed: readonly string[];
  mark: string;
}

/** One thread as its member sees it. */
export interface MemberThread {
  other: Member;
  last: { text: string; isMine: boolean; at: number };
  unread: number;
  isBlocked: boolean;
}

/** One message of the open thread. */
export interface MemberMessage {
  seq: number;
  id: string;
  text: string;
  isMine: boolean;
  isRemoved: boolean;
}

/** Another member. */
export interface Member {
  id: string;
  name: string;
}

/** What is asked beside who asks. */
export interface AskedOfMembers {
  other?: string;
  after: number;
  seen: number;
  wait: boolean;
  mark?: string;
}

/** Refused for good, in words for the member. */
export class RefusedMember extends Error {}

/** The way to the server. */
export interface MemberLine {
  follow(asked: AskedOfMembers, signal: AbortSignal): Promise<MembersAnswer>;
  say(to: string, message: { id: string; text: string }): Promise<void>;
  find(words: string): Promise<readonly Member[]>;
  block(other: string, isBlocked: boolean): Promise<void>;
  report(other: string, reason: string): Promise<void>;
}

/**
 * The line of one member, by requests.
 *
 * @param address where the server takes what members write
 * @param identity the token of who is signed in
 */
export function memberLine(address: string, identity: string): MemberLine {
  const ask = async (path: string, more: object, signal?: AbortSignal): Promise<unknown> => {
    const response = await fetch(`${address}/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ identity, ...more }),
      ...(signal && { signal }),
    });
    if (response.status === 204) return null;
    const answer = (await response.json().catch(() => ({}))) as { message?: string };
    if (response.ok) return answer;
    const isForNow = response.status >= 500 || response.status === 429;
    throw isForNow ? new Error(answer.message) : new RefusedMember(answer.message ?? '');
  };
  return {
    follow: (asked, signal) => ask('follow', asked, signal) as Promise<MembersAnswer>,
    say: async (to, message) => void (await ask('messages', { to, message })),
    find: async (words) => ((await ask('find', { words })) as { members: Member[] }).members,
    block: async (other, isBlocked) => void (await ask('block', { other, isBlocked })),
    report: async (other, reason) => void (await ask('report', { other, reason })),
  };
}
