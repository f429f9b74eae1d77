import type { CompiledWidget } from '@sirene/core/compile';
import type { Branch, WidgetDocument } from '@sirene/core/document/widget';
import type { Proposal } from '@sirene/core/library/proposal';
import type { TakenForm } from '@sirene/core/library/takeover';
import type { Brand, TokenImport } from '@sirene/core/style';
import { fromCore } from './answers.js';

export const documentAnswer = fromCore<WidgetDocument>(
  'WidgetDocument',
  'document/widget',
  'A whole widget, as /schema/widget.json describes it.',
);

export const compiledAnswer = fromCore<CompiledWidget>(
  'CompiledWidget',
  'compile',
  'A widget as pages load it: HTML, CSS, the rules of its forms.',
);

export const brandAnswer = fromCore<Brand>('Brand', 'style', 'A site’s design: tokens, looks, fonts, words.');

export const branchAnswer = fromCore<Branch>(
  'Branch',
  'document/widget',
  'An element of a widget with all that it holds.',
);

export const proposalAnswer = fromCore<Proposal>(
  'Proposal',
  'library/proposal',
  'Colours, typefaces and corners found on a page, and the tokens proposed from them.',
);

export const takenFormAnswer = fromCore<TakenForm>(
  'TakenForm',
  'library/takeover',
  'A form of a page as elements of a widget, and what of it could not be taken.',
);

export const tokenImportAnswer = fromCore<TokenImport>(
  'TokenImport',
  'style',
  'What of a token file can be used, and what can’t and why.',
);
