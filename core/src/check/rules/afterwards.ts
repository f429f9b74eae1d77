import { inside, seen, type Finding, type Rule } from '../finding.js';

/** What follows a submission, and what is missing of it. */
export const afterwardsRule: Rule = (subject) => {
  const { afterwards, scenes } = subject.document;
  const findings: Finding[] = [];
  if (inside(subject, scenes.opening.root).length === 1)
    findings.push({ element: null, text: 'The opening is empty' });
  const hasForm = seen(subject).some(([, { type }]) => type === 'form');
  if (hasForm && !afterwards.actions.some(({ recipients }) => recipients.length > 0))
    findings.push({
      element: null,
      text: 'Nobody is told of a submission: add a recipient under Afterwards',
    });
  if (afterwards.visitor.type === 'page' && afterwards.visitor.address === '')
    findings.push({ element: null, text: 'The page that follows a submission is not chosen yet' });
  const { thanks } = scenes;
  const isEmpty = thanks && inside(subject, thanks.root).length === 1;
  if (hasForm && afterwards.visitor.type === 'scene' && isEmpty)
    findings.push({ element: thanks.root, text: 'The thanks are empty' });
  return findings;
};
