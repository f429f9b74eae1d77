import type { CompiledWidget } from '@sirene/core/compile';

type Placement = CompiledWidget['placement'];

/** What is left of a widget that was closed, as a widget of its own: a tab that stands folded at an edge of the window. */
export function remainingBody(body: CompiledWidget): CompiledWidget {
  const at = body.remains ?? 'left';
  const closing = { button: false, escape: false, backdrop: false };
  const placement: Placement = { type: 'launcher', at, shape: 'tab', offset: [0, 0], width: 360, closing };
  return { ...body, stand: 'popover', placement, close: '', header: '', footer: '', exit: 0 };
}
