const browsers: readonly [RegExp, string][] = [
  [/\bEdg\//, 'Edge'],
  [/\bOPR\//, 'Opera'],
  [/\bFirefox\//, 'Firefox'],
  [/Chrom(e|ium)\//, 'Chrome'],
  [/\bSafari\//, 'Safari'],
];
const systems: readonly [RegExp, string][] = [
  [/\b(iPhone|iPad)\b/, 'iOS'],
  [/\bAndroid\b/, 'Android'],
  [/\bWindows\b/, 'Windows'],
  [/\bMac OS X\b/, 'macOS'],
  [/\bLinux\b/, 'Linux'],
];

const named = (list: readonly [RegExp, string][], device: string): string | undefined =>
  list.find(([pattern]) => pattern.test(device))?.[1];

/** What a person calls the browser that sent a User-Agent header; enough to tell sessions apart, no more. */
export function deviceName(device: string): string {
  const [browser, system] = [named(browsers, device), named(systems, device)];
  if (browser && system) return `${browser} on ${system}`;
  return browser ?? system ?? (device.slice(0, 40) || 'Unknown device');
}
