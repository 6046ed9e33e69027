import type { Checked, Params } from './checked';
import type { Verdict } from './verdict';

/** What is found without a figure that could be short of another. */
export const told = <const Code extends string>(
  code: Code,
  verdict: Verdict,
  path: string,
  params: Params,
  about?: string,
): Checked<Code> => ({
  code,
  verdict,
  path,
  kind: 'count',
  value: 0,
  limit: 0,
  margin: verdict === 'gives-out' ? 0 : 1,
  params,
  ...(about === undefined ? {} : { about }),
});
