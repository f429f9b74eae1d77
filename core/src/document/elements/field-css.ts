// The style sheets of a field's parts; an element brings those that its kind needs.

// A label stands above, at the side that a variable says.
export const labelCss = '& .label{grid-area:label;justify-self:var(--lj,start)}';

// Elsewhere it follows more variables of its place; the fallbacks are a label above.
export const placedLabelCss =
  '& .label{grid-area:var(--lc,label);align-self:var(--la,auto);translate:0 var(--lt,0);' +
  'margin-inline:var(--li,0);background:var(--lb,none);clip-path:var(--lh,none);opacity:var(--lo,1);' +
  'z-index:1;transition:translate .15s}' +
  '&:has(>:focus,>:not(:placeholder-shown):is(input,textarea),>select)>.label{align-self:var(--lfa,var(--la,auto));' +
  'translate:0 var(--lft,var(--lt,0));background:var(--lfb,var(--lb,none))}' +
  // There is no input to stand upon: a group of choices has it above them, a long text in its first line.
  '&[role]>.label{align-self:start;translate:none;margin-inline:var(--lg,0);background:none}' +
  '&[role]>.choices{margin-block-start:var(--lm,0)}' +
  '&:has(>textarea)>.label{align-self:start}' +
  '&:has(>textarea:placeholder-shown:not(:focus))>.label{translate:0 var(--lx,var(--lt,0))}';

export const inputCss =
  '& .input{grid-area:input;width:100%;font:inherit;border-style:solid;min-height:44px;align-self:start}' +
  // Of the input's own colour, so that it can be read on any background.
  '& .input::placeholder{color:inherit}';

// Its own arrow, in the colour of its text: the browser's touches a round corner. Important, since padding and
// background are styles.
export const selectCss =
  '& select{appearance:none;text-overflow:ellipsis;padding-inline-end:36px!important;' +
  'background-image:linear-gradient(45deg,#0000 50%,currentColor 50%),linear-gradient(-45deg,#0000 50%,currentColor 50%)!important;' +
  'background-size:5px 5px!important;background-repeat:no-repeat!important;' +
  'background-position:right 19px center,right 14px center!important}' +
  '& select:dir(rtl){background-position:left 14px center,left 19px center!important}';

// Corners as round as a line of text is high would make an oval of it.
export const longTextCss = '& textarea{resize:vertical;border-radius:var(--low-radius)!important}';

export const choicesCss =
  '& .choices{grid-area:input}& .choice{display:flex;gap:8px;align-items:flex-start;cursor:pointer;min-height:24px}' +
  '& .mark{appearance:none;flex:none;aspect-ratio:1;margin:.1em 0 0;border-style:solid;display:grid;place-items:center;cursor:pointer}' +
  '& [type=radio].mark{border-radius:50%}& [type=checkbox].mark{border-radius:5px}' +
  '& .mark::before{content:"";width:55%;aspect-ratio:1;background:var(--fill);border-radius:inherit;scale:0;transition:scale .12s}' +
  '& [type=checkbox].mark::before{border-radius:2px;clip-path:polygon(14% 47%,0 62%,40% 100%,100% 20%,84% 6%,38% 68%);width:70%}' +
  '& .mark:checked::before{scale:1}' +
  '& .other{flex:1;min-width:8ch;font:inherit;color:inherit;background:none;border:0;border-bottom:1px solid;padding:0;min-height:24px}';

// As buttons the marks give way to the grounds of the choices; the fallbacks are choices with marks.
export const choiceButtonsCss =
  '& .choice{position:relative;padding:var(--cp,0);border:var(--cb,0 solid);border-radius:var(--cr,0);background:var(--cg,none)}' +
  '& .choice:has(:checked){background:var(--cs,none);color:var(--ct,inherit)}' +
  '& .choice:has(:focus-visible){outline:var(--cl,none);outline-offset:2px}' +
  '& .mark{position:var(--cm,static);opacity:var(--co,1)}';
