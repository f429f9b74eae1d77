/** CSS that every chat needs. What belongs to one state of the desk or the conversation names it in `data-when`. */
export const chatCss =
  '&{display:flex;flex-direction:column;min-height:0}& p{margin:0}& .told:empty,& .sign:empty,& [hidden]{display:none!important}' +
  '& .head{display:flex;gap:10px;align-items:center}& .face{border-radius:50%;object-fit:cover;flex:none}& .banner{display:block;width:100%;height:auto;max-height:96px;object-fit:cover;border-radius:4px;flex:none}' +
  '&[data-desk=here] .head [data-when]:not([data-when=here]),&[data-desk=away] .head [data-when]:not([data-when=away]),&[data-desk=closed] .head [data-when]:not([data-when=closed]){display:none}' +
  '&:not([data-desk=closed]) label[data-when=closed]{display:none}' +
  '&:not([data-stage=none]) [data-when=none],&:not([data-stage=waiting],[data-stage=open]) [data-when=going],&[data-stage=none] [data-when=begun],&:not([data-stage=closed]) [data-when=closed-chat]{display:none}' +
  '& .log{display:flex;flex-direction:column;gap:8px;overflow:auto;overscroll-behavior:contain;min-height:120px;max-height:min(46vh,380px);padding:2px}' +
  '& .said{max-width:85%;align-self:flex-start;white-space:pre-wrap;overflow-wrap:anywhere}& .mine{align-self:flex-end}' +
  '& .said img{display:block;max-width:100%;max-height:180px;border-radius:4px}& .said a{color:inherit}' +
  '& .waits{opacity:.6}& .by{display:block;font-size:.8em;opacity:.75}& .sign{font-size:.8em;min-height:1.4em;opacity:.8}' +
  '& .asked{display:grid;gap:8px}& label{display:grid;gap:3px;font-size:.9em}& .agree{grid-template-columns:auto 1fr;align-items:start;gap:8px}& .agree input{width:24px;height:24px;margin:0}' +
  '& .write{display:flex;gap:8px;align-items:flex-end}& .input{font:inherit;border-style:solid;width:100%;min-height:44px}' +
  '& .attach{position:relative;min-width:44px;min-height:44px;place-items:center;font-size:1.4em;cursor:pointer;border-radius:4px}& .attach input{position:absolute;inset:0;opacity:0;cursor:pointer;width:100%}& .attach:focus-within{outline:2px solid;outline-offset:-2px}' +
  '& .drop{outline:2px dashed;outline-offset:-4px}' +
  '& textarea{flex:1;resize:none;field-sizing:content;max-height:8em}& .input::placeholder{color:inherit;opacity:.7}' +
  '& button{font:inherit;border:0;cursor:pointer}& :is(.write,.rate) button{min-height:44px}' +
  '& .rate{border:0;margin:0;padding:0}& .rate button{background:none;color:inherit;min-width:44px;font-size:1.4em;opacity:.45}& .rate button:is(:hover,:focus-visible,[aria-pressed=true]){opacity:1}' +
  '& .tools{display:flex;flex-wrap:wrap;gap:4px 14px}& .tools:not(:has(.tool)){display:none}&[data-alone] [data-tool=window]{display:none}& .tool{display:inline-flex;align-items:center;background:none;color:inherit;padding:0;min-height:28px;text-align:start;font-size:.85em;text-decoration:underline;text-underline-offset:3px}';

/** How messages stand: as bubbles on both sides, as cards of full width, or as lines behind a stroke. */
export const designCss = {
  bubbles: '',
  cards: '& .said,& .mine{max-width:100%;align-self:stretch}& .mine{margin-inline-start:28px}',
  lines:
    '& .said,& .mine{max-width:100%;align-self:stretch;background:none!important;color:inherit!important;border-radius:0!important;padding-inline:12px!important;border-inline-start:3px solid}& .mine{border-inline-start:0;border-inline-end:3px solid;text-align:end}',
} as const;

// Faint, in the colour of the text: what is read upon it keeps its contrast (WCAG 2.2, 1.4.3).
const faint = 'color-mix(in srgb,currentColor 9%,transparent)';
const behind = (image: string, size: string) =>
  `& .log{background-image:${image};background-size:${size};background-attachment:local;border-radius:4px;padding:8px}`;

/** What is seen behind the messages. */
export const patternCss = {
  none: '',
  dots: behind(`radial-gradient(${faint} 2px,transparent 2.5px)`, '18px 18px'),
  grid: behind(
    `linear-gradient(${faint} 1px,transparent 1px),linear-gradient(90deg,${faint} 1px,transparent 1px)`,
    '22px 22px',
  ),
  stripes: behind(`repeating-linear-gradient(45deg,${faint} 0 6px,transparent 6px 16px)`, 'auto'),
  rings: behind(`radial-gradient(circle,transparent 7px,${faint} 7.5px 8.5px,transparent 9px)`, '26px 26px'),
} as const;
