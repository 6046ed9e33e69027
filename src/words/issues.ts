import type { FormatCode, Issue } from '@/core/model';
import { explainParseError, rangeInWords, type UnitSystem } from '@/core/units';
import { inputText } from './labels-machine';
import { isRule, ruleText } from './rules';

type FormatWords = (issue: Issue, system: UnitSystem) => { readonly wanted: string; readonly why?: string };

const range: FormatWords = ({ field }, system) => ({
  wanted: field ? rangeInWords(field, system) : 'another value',
});

const words: Record<FormatCode, FormatWords> = {
  'not-finite': range,
  'too-small': range,
  'too-large': range,
  'not-whole': range,
  'not-an-object': () => ({ wanted: 'a JSON object that holds one machine' }),
  foreign: ({ params }) => ({
    wanted: `“${params.format}”`,
    why: 'this file was not written by this application',
  }),
  'bad-version': () => ({ wanted: 'a whole number from 1 up' }),
  newer: ({ params }) => ({
    wanted: `${params.target} or lower`,
    why: 'the file was written by a newer edition of this application; open it there, or update this one',
  }),
  'no-migration': ({ params }) => ({ wanted: `a version that can be brought to ${params.target}` }),
  'migration-failed': ({ params }) => ({
    wanted: `a document that version ${params.at} allows`,
    why: 'something that it must have is missing, or is of another kind',
  }),
  'file-too-large': ({ params }) => ({ wanted: `a file of at most ${params.most} bytes` }),
  'part-too-large': ({ params }) => ({
    wanted: `at most ${params.most} bytes here`,
    why: 'the file that it is exported to could not be opened again',
  }),
  'too-deep': ({ params }) => ({ wanted: `at most ${params.most} levels of nesting` }),
  'not-json': ({ params }) => ({
    wanted: 'a JSON file written by this application',
    why: String(params.why),
  }),
  'typed-disagrees': ({ params }) => ({
    wanted: `what was typed and the SI value ${params.si} to say the same`,
    why: 'one of the two was changed without the other',
  }),
  unreadable: ({ field, parse }) => ({
    wanted: field && parse ? explainParseError(field.kind, parse) : 'a quantity with its unit',
  }),
  'wrong-type': ({ params }) => ({ wanted: String(params.expected) }),
  'wrong-value': ({ params }) => ({ wanted: `one of ${params.words}` }),
  'unknown-field': () => ({ wanted: 'only fields that the format knows' }),
  'wrong-variant': () => ({ wanted: 'one of the variants that the format knows' }),
  'wrong-length': ({ params }) => ({
    wanted: params.most === undefined ? `at least ${params.least}` : `at most ${params.most}`,
  }),
  'wrong-form': ({ params }) => ({ wanted: String(params.message) }),
  'no-such-place': () => ({ wanted: 'an input that is still there', why: 'it was taken away meanwhile' }),
};

/** An issue taken apart: what was read, what is wanted and why, in the user's units. */
export function issueText(issue: Issue, system: UnitSystem = 'metric') {
  const { code } = issue;
  if (isRule(code)) {
    const text = ruleText(code, issue.params, system);
    return { ...text, read: issue.read ?? text.read };
  }
  return { read: issue.read, ...words[code](issue, system) };
}

const sentence = (where: string, { read, wanted, why }: ReturnType<typeof issueText>): string => {
  const was = read === undefined ? 'nothing was read' : `read “${read}”`;
  return `${where}: ${was}; wanted ${wanted}${why ? ` (${why})` : ''}.`.replace(/\.\.$/, '.');
};

/** An issue of a file in one sentence: where, what was read, what is wanted, why. */
export const explainIssue = (issue: Issue): string =>
  sentence(issue.path.length ? issue.path.join('.') : 'the file', issueText(issue));

/** Why an edit was refused, in one sentence, the field by its name and figures in the user's units. */
export function refusalText(issue: Issue, system: UnitSystem): string {
  const path = issue.path.filter((key) => key !== 'si' && key !== 'typed').join('.');
  return sentence(inputText(path).label, issueText(issue, system));
}
