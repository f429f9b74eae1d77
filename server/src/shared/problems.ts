import { BadRequestException, type ValidationError } from '@nestjs/common';

/** What every refusal looks like: a sentence for people, and where the cause is. */
export interface ProblemBody {
  statusCode: number;
  message: string;
  problems?: { path: string; reason: string }[];
}

/** Turns what class-validator found into one refusal that names each field and what is wrong with it. */
export function refusal(errors: ValidationError[]): BadRequestException {
  const problems = errors.flatMap((error) => flatten(error, ''));
  const [first] = problems;
  const message = first ? `${first.path} ${first.reason}` : 'The request could not be read';
  return new BadRequestException({ statusCode: 400, message, problems });
}

function flatten(error: ValidationError, at: string): { path: string; reason: string }[] {
  const path = at ? `${at}.${error.property}` : error.property;
  const own = Object.entries(error.constraints ?? {}).map(([rule, text]) => ({
    path,
    reason: rule === 'whitelistValidation' ? 'is not a known field' : withoutName(text, error.property),
  }));
  return [...own, ...(error.children ?? []).flatMap((child) => flatten(child, path))];
}

const withoutName = (text: string, name: string): string =>
  text.startsWith(`${name} `) ? text.slice(name.length + 1) : text;
