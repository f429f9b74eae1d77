/**
 * The site's own script for its members, as a site has one: who comes in by a code is asked of the member service, remembered
 * in the browser, and told to the widgets.
 */
export const memberScript = (members: string): string => `{
const key = 'larkmoor-member';
const read = () => {
  // A token is signed for some hours: after them one signs in again.
  try { const member = JSON.parse(localStorage.getItem(key)); return member && !(member.until < Date.now()) ? member : null; } catch { return null; }
};
if (read()) window.sirene = { identify: read() };
const code = new URLSearchParams(location.search).get('code');
const show = () => {
  const member = read();
  for (const place of document.querySelectorAll('[data-member]')) {
    place.replaceChildren();
    if (!member) continue;
    const out = document.createElement('button');
    out.textContent = 'Sign out';
    out.onclick = () => { localStorage.removeItem(key); location.assign('/members/'); };
    place.append('Signed in as ' + member.name + ' · ', out);
  }
  // Before the script is there, it is left for it to read.
  if (window.sirene && typeof window.sirene.identify === 'function') window.sirene.identify(member);
  else if (member) window.sirene = { identify: member };
};
if (code) fetch('${members}/codes/' + encodeURIComponent(code)).then((answer) => answer.ok ? answer.json() : null).then((member) => {
  if (member) localStorage.setItem(key, JSON.stringify(member));
  history.replaceState(null, '', location.pathname);
  show();
}).catch(() => {});
addEventListener('DOMContentLoaded', show);
}`;
