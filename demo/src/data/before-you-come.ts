const lines = [
  'Before you come',
  '',
  'We meet at the gate at half past six. Please bring warm clothes: the dome is as cold as the night.',
  'Wool socks are welcome, and so are questions. Telephones stay in pockets, or red under a cloth.',
  'If the sky is covered we show the instruments, and you come again for nothing.',
  '',
  'Larkmoor Observatory, High Lane, Larkmoor',
];

const stream = lines
  .map((line, at) => `BT /F1 ${at === 0 ? 20 : 11} Tf 60 ${780 - at * 24} Td (${line}) Tj ET`)
  .join('\n');

const objects = [
  '<< /Type /Catalog /Pages 2 0 R >>',
  '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
  '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Resources << /Font << /F1 4 0 R >> >> /Contents 5 0 R >>',
  '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
  `<< /Length ${stream.length} >>\nstream\n${stream}\nendstream`,
];

/** What a school reads before its visit: a page of text as PDF 1.4 (ISO 32000-1, 7.5), its objects and where each begins. */
export const beforeYouCome = (() => {
  let text = '%PDF-1.4\n';
  const begins = objects.map((object, at) => {
    const from = text.length;
    text += `${at + 1} 0 obj\n${object}\nendobj\n`;
    return `${String(from).padStart(10, '0')} 00000 n \n`;
  });
  const table = `xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${begins.join('')}`;
  return `${text}${table}trailer\n<< /Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${text.length}\n%%EOF\n`;
})();
