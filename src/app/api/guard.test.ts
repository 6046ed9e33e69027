import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { guarded } from './guard';
import { jsonShape } from './json-shape';

const ask = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1:4410/api/report', {
    method: 'POST',
    body,
    headers: { 'content-type': 'application/json', host: '127.0.0.1:4410', ...headers },
  });
const MOST = 1_000_000;
const answer = (request: Request) => guarded(request, MOST, (text) => Response.json({ of: text.length }));
const message = async (response: Response) =>
  [response.status, ((await response.json()) as { message: string }).message] as const;

describe('what may ask for work', () => {
  it('is JSON by its content type', async () => {
    expect((await answer(ask('{}'))).status).toBe(200);
    expect((await answer(ask('{}', { 'content-type': 'Application/JSON; charset=utf-8' }))).status).toBe(200);
    const other = await answer(ask('{}', { 'content-type': 'text/plain' }));
    expect(await message(other)).toEqual([415, 'read “text/plain”; wanted application/json']);
    expect((await answer(ask('{}', { 'content-type': 'application/jsonp' }))).status).toBe(415);
  });
  it('comes from here, or from no page at all', async () => {
    const from = async (headers: Record<string, string>) => (await answer(ask('{}', headers))).status;
    expect(await from({ origin: 'http://127.0.0.1:4410' })).toBe(200);
    expect(await from({ origin: 'http://elsewhere.invalid' })).toBe(403);
    expect(await from({ origin: 'http://127.0.0.1:4411' })).toBe(403);
    expect(await from({ origin: 'null' })).toBe(403);
    expect(await from({ 'sec-fetch-site': 'cross-site' })).toBe(403);
    expect(await from({ 'sec-fetch-site': 'same-origin' })).toBe(200);
  });
  it('is one object, neither deep nor of very many values, and told so before it is parsed', async () => {
    expect(await message(await answer(ask(' [1]')))).toEqual([422, 'read “[” first; wanted a JSON object']);
    expect(await message(await answer(ask('')))).toEqual([422, 'read nothing first; wanted a JSON object']);
    const deep = `{"a":${'['.repeat(60)}${']'.repeat(60)}}`;
    expect(await message(await answer(ask(deep)))).toEqual([422, 'read 61 levels; wanted at most 40']);
    const many = `{"a":[${'1,'.repeat(200_000)}1]}`;
    expect((await message(await answer(ask(many))))[1]).toMatch(
      /^read 20000\d values; wanted at most 150000$/,
    );
    expect((await answer(ask(`{"a":"${'x'.repeat(MOST)}"}`))).status).toBe(413);
  });
  it('runs two at once; a third is told to ask again, and is served when one has ended', async () => {
    const free: (() => void)[] = [];
    const slow = () =>
      guarded(ask('{}'), MOST, async () => {
        await new Promise<void>((done) => free.push(done));
        return Response.json({});
      });
    const running = [slow(), slow()];
    await expect.poll(() => free.length).toBe(2);
    const third = await slow();
    expect([third.status, third.headers.get('retry-after')]).toEqual([503, '2']);
    free.forEach((done) => done());
    await Promise.all(running);
    expect((await answer(ask('{}'))).status).toBe(200);
  });
  it('leaves its place free after work that fails', async () => {
    const fails = () => guarded(ask('{}'), MOST, () => Promise.reject(new Error('broken')));
    for (let i = 0; i < 3; i++) await expect(fails()).rejects.toThrow('broken');
    expect((await answer(ask('{}'))).status).toBe(200);
  });
});

describe('what a text of JSON is made of', () => {
  const depthOf = (value: unknown): number =>
    typeof value === 'object' && value !== null
      ? 1 + Math.max(0, ...Object.values(value).map((v) => depthOf(v)))
      : 0;
  const valuesIn = (value: unknown): number =>
    typeof value === 'object' && value !== null
      ? 1 + Object.values(value).reduce<number>((sum, v) => sum + valuesIn(v), 0)
      : 1;
  it('is no shallower and no smaller than what the parser makes of it', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6 }), fc.constantFrom(0, 2), (value, indent) => {
        const text = JSON.stringify(value, null, indent);
        const { first, depth, values } = jsonShape(text);
        expect(first).toBe(text.trim()[0]);
        expect(depth).toBe(depthOf(JSON.parse(text)));
        expect(values).toBeGreaterThanOrEqual(valuesIn(JSON.parse(text)));
      }),
      { numRuns: 500 },
    );
  });
  it('is told of any text, and ends', () => {
    fc.assert(fc.property(fc.string({ unit: 'binary' }), (text) => void jsonShape(text)));
    expect(jsonShape('"never closed \\')).toEqual({ first: '"', depth: 0, values: 1 });
  });
});
