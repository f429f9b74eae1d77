const names = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

/** Functions that compute, colour, draw or move; none of them loads anything or runs anything. */
export const functions = names(`
  calc min max clamp abs sign round mod rem sin cos tan asin acos atan atan2 pow sqrt hypot log exp var env attr
  counter counters fit-content minmax repeat symbols
  rgb rgba hsl hsla hwb lab lch oklab oklch color color-mix light-dark
  linear-gradient repeating-linear-gradient radial-gradient repeating-radial-gradient conic-gradient
  repeating-conic-gradient
  matrix matrix3d perspective rotate rotate3d rotatex rotatey rotatez scale scale3d scalex scaley scalez skew skewx
  skewy translate translate3d translatex translatey translatez
  blur brightness contrast drop-shadow grayscale hue-rotate invert opacity saturate sepia
  cubic-bezier linear steps
  circle ellipse inset polygon path rect xywh ray
`);

/** Ways to stand that stay where the widget is. */
export const positions = names('static relative absolute sticky');

/** States and places within the widget; not `:host`, which is the page's box around it. */
export const pseudoClasses = names(`
  hover focus focus-visible focus-within active checked disabled enabled indeterminate default required optional valid
  invalid user-valid user-invalid in-range out-of-range placeholder-shown autofill read-only read-write empty
  first-child last-child only-child nth-child nth-last-child first-of-type last-of-type only-of-type nth-of-type
  nth-last-of-type not is where has link any-link visited target lang dir open popover-open modal root
  before after first-line first-letter
`);

export const pseudoElements = names(`
  before after first-line first-letter placeholder marker selection backdrop file-selector-button details-content
  -webkit-search-cancel-button -webkit-details-marker -moz-placeholder -webkit-input-placeholder
`);
