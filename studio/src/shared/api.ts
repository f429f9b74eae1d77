import type { Purpose } from '@sirene/core/library/starters';
import type { Brand } from '@sirene/core/style';
import type { Branch, Kind, Placement, WidgetDocument } from '@sirene/core/document/widget';

/** A refusal by the server, or none reaching it at all (status 0). The message is a sentence for people. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly body: Record<string, unknown> = {},
  ) {
    super(message);
  }
}

async function request<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      ...(body !== undefined && {
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      }),
    });
  } catch {
    throw new ApiError(
      0,
      'Sirene can’t be reached. Check the connection; your work is kept here and saved when it is back.',
    );
  }
  if (response.status === 204) return undefined as T;
  const answer = (await response.json().catch(() => ({}))) as Record<string, unknown>;
  if (!response.ok)
    throw new ApiError(response.status, String(answer['message'] ?? 'That did not work'), answer);
  return answer as T;
}

/** Where a widget is had, and under what name its copy is held. */
export const widgetPath = (id: string): string => `/api/widgets/${id}`;

export const get = <T>(path: string) => request<T>('GET', path);
export const post = <T>(path: string, body?: unknown) => request<T>('POST', path, body ?? {});
export const put = <T>(path: string, body: unknown) => request<T>('PUT', path, body);
export const patch = <T>(path: string, body: unknown) => request<T>('PATCH', path, body);
export const remove = (path: string) => request<void>('DELETE', path);

export interface Session {
  user: { name: string; email: string } | null;
  demo: boolean;
  /** Whether nobody has an account yet. */
  setUp: boolean;
}

export interface Site {
  id: string;
  key: string;
  name: string;
  origins: string[];
  /** When it was put aside, ms since 1970; visitors see none of its widgets. */
  archivedAt: number | null;
}

export interface Widget {
  id: string;
  siteId: string;
  slug: string;
  document: WidgetDocument;
  draftVersion: number;
  draftSavedAt: number;
  publishedNumber: number | null;
  /** Whether the draft has been edited since it was published. */
  changedSince: boolean;
}

/** A widget as lists hold it: without its document, which comes when its preview is wanted. */
export interface ListedWidget extends Omit<Widget, 'document'> {
  name: string;
  kind: Kind;
  placement: Placement['type'];
  /** Its rule as one sentence. */
  sentence: string;
  /** Whether it has a form, so that something can be sent. */
  collects: boolean;
  shown: number;
  submitted: number;
}

export interface Asset {
  id: string;
  kind: 'image' | 'video' | 'font';
  name: string;
  /** As documents name it. */
  src: string;
  bytes: number;
  width: number | null;
  height: number | null;
  family: string | null;
  weight: string | null;
}

/** A starter that the site's designers keep. */
export interface OwnStarter {
  id: string;
  purpose: Purpose;
  says: string;
  document: WidgetDocument;
}

/** A piece of the shelf. */
export interface ShelfPiece {
  id: string;
  name: string;
  branch: Branch;
}

export interface Version {
  number: number;
  publishedAt: number;
  publishedBy: string;
  document: WidgetDocument;
  live: boolean;
}

export interface StoredPage {
  id: string;
  address: string;
  title: string;
}

export interface Install {
  connected: boolean;
  at: number | null;
  page: string | null;
}

export interface Delivery {
  id: string;
  type: string;
  target: string;
  state: 'waiting' | 'sent' | 'failed';
  attempts: number;
  dueAt: number;
  lastAt: number | null;
  lastError: string | null;
}

export interface Submission {
  id: string;
  widget: { id: string; name: string; version: number };
  person: { id: string; name: string; email: string } | null;
  fields: { key: string; label: string; value: string }[];
  page: string;
  pageTitle: string;
  receivedAt: number;
  deliveries: Delivery[];
}

export interface Mail {
  id: string;
  sender: string;
  recipients: string[];
  subject: string;
  receivedAt: number;
}

export interface WholeMail extends Mail {
  text: string;
  headers: { name: string; value: string }[];
}

export type { Brand };
