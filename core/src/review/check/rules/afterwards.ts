import { specOfAction, toldBy } from '../../../actions/index.js';
import { inside, seen, type Finding, type Rule } from '../finding.js';

/** What follows a submission, and what is missing of it. */
export const afterwardsRule: Rule = (subject) => {
  const { afterwards, scenes } = subject.document;
  const findings: Finding[] = [];
  if (inside(subject, scenes.opening.root).length === 1)
    findings.push({ element: null, severity: 'error', text: 'The opening is empty' });
  const hasForm = seen(subject).some(([, { type }]) => type === 'form');
  if (
    hasForm &&
    !afterwards.actions.some((action) => specOfAction(action)?.notifies && toldBy(action).length > 0)
  )
    findings.push({
      element: null,
      text: 'Nobody is notified of submissions: add a recipient under Afterwards',
    });
  if (hasForm && afterwards.visitor.type === 'page' && afterwards.visitor.address === '')
    findings.push({
      element: null,
      severity: 'error',
      text: 'The page to open after submitting is not chosen yet',
    });
  if (hasForm && afterwards.visitor.type === 'widget' && afterwards.visitor.opens === '')
    findings.push({
      element: null,
      severity: 'error',
      text: 'The widget to open after submitting is not chosen yet',
    });
  const { thanks } = scenes;
  const isEmpty = thanks && inside(subject, thanks.root).length === 1;
  if (hasForm && afterwards.visitor.type === 'scene' && isEmpty)
    findings.push({ element: thanks.root, severity: 'warning', text: 'The thank-you message is empty' });
  return findings;
};
