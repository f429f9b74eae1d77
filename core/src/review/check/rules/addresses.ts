import { specOfAction, toldBy } from '../../../actions/index.js';
import { inside, seen, type Finding, type Rule } from '../finding.js';

/** Actions that go by the sender's address, where no form that they follow asks for it: nothing would come of them. */
export const addressesRule: Rule = (subject) => {
  const forms = seen(subject).flatMap(([id, { type }]) => (type === 'form' ? [id] : []));
  const asks = (form: string) =>
    inside(subject, form).some((one) => one.type === 'field' && one.kind === 'email' && !one.hidden);
  return subject.document.afterwards.actions.flatMap((action): Finding[] => {
    const spec = specOfAction(action);
    if (!spec?.byAddress || toldBy(action).length === 0) return [];
    const followed = forms.filter((id) => action.form === undefined || action.form === id);
    const [form] = followed;
    if (form === undefined || followed.some(asks)) return [];
    const text = `“${spec.label}” goes by the sender’s address, and the form has no e-mail field`;
    return [{ element: form, severity: 'warning', text }];
  });
};
