/** What a visitor is called at the desk. */
export const visitorName = ({ name, email }: { name: string; email: string }): string =>
  name || email || 'Anonymous visitor';
