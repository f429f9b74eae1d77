/** What a visitor answered before the conversation. */
export interface Answered {
  name: string;
  email: string;
  answers: { label: string; value: string }[];
}

type Field = HTMLInputElement | HTMLSelectElement;

/** The questions before a conversation: what is answered, or the first field that lacks something. */
export function questionsIn(place: HTMLElement): () => Answered | Field {
  const all = () => [...place.querySelectorAll<Field>('[data-asked],[data-own],[data-agree]')];
  // One that is asked outside the hours alone is not asked within them.
  const isAsked = (field: Field) =>
    field.closest<HTMLElement>('label')?.dataset['when'] !== 'closed' || place.dataset['desk'] === 'closed';
  const isAnswered = (field: Field) =>
    field.type === 'checkbox' ? (field as HTMLInputElement).checked : field.value.trim() !== '';
  const isRight = (field: Field) =>
    field.checkValidity() && (isAnswered(field) || field.getAttribute('aria-required') !== 'true');
  return () => {
    const fields = all().filter(isAsked);
    const lacking = fields.find((field) => !isRight(field));
    for (const field of fields) {
      if (field === lacking) field.setAttribute('aria-invalid', 'true');
      else field.removeAttribute('aria-invalid');
    }
    if (lacking) return lacking;
    const valueOf = (name: string) =>
      fields.find((field) => field.dataset['asked'] === name)?.value.trim() ?? '';
    const own = fields.filter((field) => field.dataset['own'] !== undefined && isAnswered(field));
    return {
      name: valueOf('name'),
      email: valueOf('email'),
      answers: own.map((field) => ({ label: field.dataset['own'] ?? '', value: field.value.trim() })),
    };
  };
}
