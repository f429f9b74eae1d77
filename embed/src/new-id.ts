/**
 * A new id of 32 hexadecimal digits: the time first, so that ids grow and the server's index stays compact; then 80 random bits.
 * randomUUID is missing on pages without TLS, which a client's test site may be.
 */
export function newId(): string {
  const bytes = [...crypto.getRandomValues(new Uint8Array(10))];
  const random = bytes.map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return Date.now().toString(16).padStart(12, '0') + random;
}
