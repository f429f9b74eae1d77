import type { Static } from '@sinclair/typebox';
import { amounts } from './amounts.js';
import { address } from './address.js';
import { badge } from './badge.js';
import { basket } from './basket.js';
import { button } from './button.js';
import { calculation } from './calculation.js';
import { chat } from './chat.js';
import { code } from './code.js';
import { countdown } from './countdown.js';
import { divider } from './divider.js';
import { field } from './field.js';
import { form } from './form.js';
import { fullName } from './full-name.js';
import { group } from './group.js';
import { hiddenField } from './hidden-field.js';
import { html } from './html.js';
import { icon } from './icon.js';
import { image } from './image.js';
import { links } from './links.js';
import { fileField } from './file-field.js';
import { list } from './list.js';
import { map } from './map.js';
import { memberChat } from './member-chat.js';
import { matrix } from './matrix.js';
import { plan } from './plan.js';
import { plans } from './plans.js';
import { raised } from './raised.js';
import { rating } from './rating.js';
import { signature } from './signature.js';
import { spacer } from './spacer.js';
import { step } from './step.js';
import { text } from './text.js';
import { turns } from './turns.js';
import { video } from './video.js';

/** Every kind of element, in the order of the menu. A new one is its file and a line here. */
export const definitions = {
  text,
  image,
  icon,
  button,
  badge,
  list,
  rating,
  divider,
  spacer,
  group,
  form,
  field,
  step,
  calculation,
  matrix,
  'file-field': fileField,
  'full-name': fullName,
  address,
  signature,
  'hidden-field': hiddenField,
  amounts,
  raised,
  countdown,
  code,
  turns,
  plans,
  plan,
  links,
  basket,
  chat,
  'member-chat': memberChat,
  video,
  map,
  html,
};

export type ElementType = keyof typeof definitions;
type Definition = (typeof definitions)[ElementType];

/** Any element of a widget. Its `type` says which. */
export type Element = {
  [T in ElementType]: Static<(typeof definitions)[T]['schema']> & { type: T };
}[ElementType];

export type ElementSchema = Definition['schema'];
