import ipaddr from 'ipaddr.js';

/**
 * Whether an address of the network is a public one: global unicast and of no special purpose (IANA special-purpose
 * address registries, as `ipaddr.js` names their ranges; IPv6: RFC 4291, 2.4).
 */
export function isPublicAddress(address: string): boolean {
  if (!ipaddr.isValid(address)) return false;
  // "::ffff:10.0.0.1" is 10.0.0.1, whichever way it is written.
  const read = ipaddr.process(address);
  if (read.range() !== 'unicast') return false;
  return read.kind() === 'ipv4' || (((read as ipaddr.IPv6).parts[0] ?? 0) & 0xe000) === 0x2000;
}

/** The address that a host in a URL is written as, or `null` where it is a name. */
export function literalAddress(hostname: string): string | null {
  const plain = hostname.replace(/^\[|\]$/g, '');
  return ipaddr.isValid(plain) ? plain : null;
}

/** Names that lead nowhere but to this machine or its own network (RFC 6761, RFC 6762, RFC 8375 and usage). */
const localNames = /(^|\.)(localhost|local|internal|intranet|lan|home|corp|private|home\.arpa)\.?$/i;

/** Whether a host in a URL says by itself that it is no public one; a name that must be looked up does not. */
export function isPrivateHost(hostname: string): boolean {
  const literal = literalAddress(hostname);
  if (literal) return !isPublicAddress(literal);
  return localNames.test(hostname) || !hostname.includes('.');
}
