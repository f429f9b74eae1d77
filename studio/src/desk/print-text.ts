/** Prints a text as it stands, and nothing of the studio. */
export function printText(text: string): void {
  const frame = document.createElement('iframe');
  frame.style.cssText = 'position:fixed;width:0;height:0;border:0;visibility:hidden';
  document.body.append(frame);
  const page = frame.contentWindow as Window;
  const sheet = page.document.createElement('pre');
  sheet.style.cssText = 'font:14px/1.5 system-ui;white-space:pre-wrap;overflow-wrap:anywhere';
  sheet.dir = 'auto';
  sheet.textContent = text;
  page.document.body.append(sheet);
  page.onafterprint = () => frame.remove();
  page.print();
}
