const headerBytes = 48;
/** Tables whose content is another where nothing is said of it (WOFF2, 5.1): glyf and loca. */
const glyphs = new Set([10, 11]);

/**
 * How many bytes a WOFF2 font unpacks to by what its directory says (W3C WOFF2, 4 and 5). What unpacks it fills no more
 * than that, so this is known before a byte is unpacked.
 *
 * @returns `null` where the directory can't be read
 */
export function unpackedSize(font: Uint8Array): number | null {
  if (font.length < headerBytes) return null;
  const view = new DataView(font.buffer, font.byteOffset, font.byteLength);
  let at = headerBytes;
  let total = 0;
  for (let table = view.getUint16(12); table > 0; table--) {
    const flags = font[at++];
    if (flags === undefined) return null;
    const tag = flags & 0x3f;
    if (tag === 0x3f) at += 4;
    const version = flags >> 6;
    const changed = glyphs.has(tag) ? version !== 3 : version !== 0;
    let size = 0;
    for (let length = changed ? 2 : 1; length > 0; length--) {
      const read = base128(font, at);
      if (!read) return null;
      [size, at] = read;
    }
    total += size;
  }
  return Math.max(total, view.getUint32(16));
}

// A number of up to five bytes, seven bits in each (WOFF2, 4.1).
function base128(font: Uint8Array, from: number): [value: number, next: number] | null {
  let value = 0;
  for (let at = from; at < from + 5; at++) {
    const byte = font[at];
    if (byte === undefined) return null;
    value = value * 128 + (byte & 0x7f);
    if (byte < 128) return [value, at + 1];
  }
  return null;
}
