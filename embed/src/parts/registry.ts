import type { PartName } from '@sirene/core/document/parts';

/** What each part brings. The compiler asks for every part that core names. */
export interface Parts extends Record<PartName, object> {
  showing: typeof import('./showing.ts');
  anchor: typeof import('./anchor.ts');
  form: typeof import('./form.ts');
  checks: typeof import('./checks.ts');
  file: typeof import('./file.ts');
  'own-choice': typeof import('./own-choice.ts');
  signature: typeof import('./signature.ts');
  sending: typeof import('./sending.ts');
  work: typeof import('./work.ts');
  basket: typeof import('./basket.ts');
  chat: typeof import('./chat.ts');
  members: typeof import('./members.ts');
  countdown: typeof import('./countdown.ts');
  raised: typeof import('./raised.ts');
  copy: typeof import('./copy.ts');
  turns: typeof import('./turns.ts');
  signals: typeof import('./signals.ts');
  'page-types': typeof import('./page-types.ts');
  told: typeof import('./told.ts');
  why: typeof import('./why.ts');
  try: typeof import('./try.ts');
}
