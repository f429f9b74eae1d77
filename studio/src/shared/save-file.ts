/** Lets the browser save a text as a file. */
export function saveText(name: string, text: string, type: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = Object.assign(document.createElement('a'), { href: address, download: name });
  link.click();
  URL.revokeObjectURL(address);
}
