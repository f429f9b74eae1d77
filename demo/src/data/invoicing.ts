/** How the observatory writes its invoices, and what it sells to groups. */
export const invoicing = {
  seller: {
    name: 'Larkmoor Observatory',
    email: 'desk@larkmoor.example',
    street: 'High Lane',
    postcode: 'LM1 4QX',
    city: 'Larkmoor',
    country: 'IE',
    taxId: '',
    iban: '',
    exemption: 'Exempt from VAT as an educational service.',
    foot: 'Open on clear evenings, Wednesday to Sunday',
  },
  items: [
    { name: 'Evening for a class, each child', unit: 'C62', price: 400, rate: 0 },
    { name: 'Accompanying adult', unit: 'C62', price: 700, rate: 0 },
    { name: 'Talk in the planetarium', unit: 'HUR', price: 4500, rate: 0 },
    { name: 'Sky chart', unit: 'C62', price: 350, rate: 23 },
  ],
  series: 'LO-{year}-{number:4}',
  next: 41,
  dueDays: 21,
  currency: 'EUR',
};
