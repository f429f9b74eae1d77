import { Type } from '@sinclair/typebox';
import { listed } from '../../base/measure/listed.js';
import { axis } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

export interface LanguageCondition {
  type: 'language';
  /** Language ranges: `de` is German of any country, `de-AT` that of Austria. */
  languages: string[];
}

/** The visitor's browser asks for one of these languages first: basic filtering (RFC 4647, 3.3.1). */
export const language: ConditionKind<LanguageCondition> = {
  compile({ languages }) {
    const ranges = languages.map((one) => `${one.toLowerCase()}-`);
    return (visit) => {
      const tag = `${visit.language.toLowerCase()}-`;
      return ranges.some((range) => tag.startsWith(range));
    };
  },
};

export const languageSpec = defineRule({
  type: 'language',
  label: 'Language',
  settled: true,
  schema: () =>
    ruleSchema('language', {
      languages: Type.Array(
        Type.String({
          pattern: '^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$',
          maxLength: 40,
          description: 'must be a language tag, such as de or en-GB',
        }),
        { maxItems: 50 },
      ),
    }),
  create: () => ({ type: 'language', languages: ['en'] }),
  phrase: ({ languages }: LanguageCondition) => `who read ${listed(languages, 'or') || '(no language)'}`,
  found: ({ language: asked }: PageVisit) => asked || 'no language',
  axis: ({ languages }: LanguageCondition) =>
    axis(
      'language',
      [...languages, 'zz'],
      (one) => (one === 'zz' ? 'another language' : `reads ${one}`),
      (visit, one) => ({ ...visit, language: one }),
    ),
  fields: [
    { key: 'languages', label: 'Languages', list: 40, help: 'One tag per line, such as de or en-GB.' },
  ],
});
