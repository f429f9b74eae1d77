/** The shop's own script, as a shop has one: a basket in the browser, told to the widgets. */
export const basketScript = `
const key = 'larkmoor-basket';
// Before the script is there, what it is to know at once may stand in its place.
const isThere = () => window.sirene && window.sirene.ready;
const read = () => { try { return JSON.parse(localStorage.getItem(key)) || []; } catch { return []; } };
const tell = (lines) => {
  const count = lines.reduce((sum, { quantity }) => sum + quantity, 0);
  for (const place of document.querySelectorAll('[data-count]')) place.textContent = count ? '(' + count + ')' : '';
  if (isThere()) window.sirene.basket.set(lines);
};
const write = (lines) => { localStorage.setItem(key, JSON.stringify(lines)); tell(lines); };
const put = (id, quantity) => write(read().map((line) => line.id === id ? { ...line, quantity } : line).filter((line) => line.quantity > 0));
tell(read());
const whenThere = () => {
  if (!isThere()) return setTimeout(whenThere, 50);
  tell(read());
  window.sirene.on('basket', (widget, { id, quantity }) => put(id, quantity));
};
whenThere();
document.addEventListener('click', (event) => {
  const button = event.target.closest('[data-buy]');
  if (button) {
    const line = JSON.parse(button.dataset.buy);
    const lines = read();
    const there = lines.find(({ id }) => id === line.id);
    write(there ? lines.map((one) => one === there ? { ...one, quantity: one.quantity + 1 } : one) : [...lines, { ...line, quantity: 1 }]);
  }
  if ((button || event.target.closest('#basket')) && isThere()) {
    event.preventDefault();
    window.sirene.open('basket');
  }
});
`;
