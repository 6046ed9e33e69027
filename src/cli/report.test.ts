import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { GET } from '@/app/api/schema/route.service';
import { POST } from '@/app/api/report/route.service';
import { machineReport } from '@/core/machine';
import { demoProject, demoText } from '@test/helpers/demo';
import { run } from './report';

const read = (path: string) => {
  if (path === 'demo.json') return demoText;
  if (path === 'bad.json') return demoText.replace('"bed"', '17');
  throw new Error('ENOENT');
};
const kayakText = readFileSync('demo/tern-creek-kayak-router.machine.json', 'utf8');
const TODAY = '2026-11-27';
const post = (body: string, query = '', headers: Record<string, string> = {}) =>
  POST(
    new Request(`http://local/api/report${query}`, {
      method: 'POST',
      body,
      headers: { 'content-type': 'application/json', ...headers },
    }),
  );

describe('the terminal', () => {
  it('writes the report and nothing else', () => {
    const { out, err, code } = run(['demo.json'], read, TODAY);
    expect([err, code]).toEqual(['', 0]);
    const { build, prove, jobs, ...plan } = JSON.parse(out);
    expect(jobs).toEqual([]);
    expect(plan).toEqual(JSON.parse(JSON.stringify(machineReport(demoProject() as never, { flex: true }))));
    expect(build).toMatchObject({ today: TODAY, money: { basket: { proved: true } } });
    expect(prove).toMatchObject({ next: 'frame', findings: [] });
    expect(prove.sheets.map((s: { state: string }) => s.state)).not.toContain('done');
  });
  it('tells what is found of the jobs whose programs are in the file', () => {
    const { jobs } = JSON.parse(run(['kayak.json'], () => kayakText, TODAY).out);
    expect(jobs).toMatchObject([
      { jobId: 'hull-panels', verdict: 'gives-out', findings: [{ code: 'job-stall', line: 575 }, {}, {}] },
    ]);
  });
  it('adds the working on demand', () => {
    expect(JSON.parse(run(['demo.json', '--working'], read, TODAY).out).axes[0].working[0]).toMatchObject({
      key: 'gravity',
      formula: { id: 'motion/gravity' },
    });
  });
  it.each([[[]], [['a', 'b']], [['demo.json', '--nonsense']], [['nowhere.json']], [['bad.json']]])(
    '%j: exit code 2, nothing on standard output',
    (args) => {
      const { out, err, code } = run(args, read, TODAY);
      expect([out, code]).toEqual(['', 2]);
      expect(err.length).toBeGreaterThan(20);
    },
  );
  it('names the field of a bad file', () => {
    expect(run(['bad.json'], read, TODAY).err).toBe('axes.0.id: read “17”; wanted string.\n');
  });
});

describe('the service', () => {
  it('gives the same as the terminal', async () => {
    const response = await post(demoText);
    expect(response.status).toBe(200);
    const dated = await post(demoText, `?today=${TODAY}`);
    expect(await dated.json()).toEqual(JSON.parse(run(['demo.json'], read, TODAY).out));
    expect((await (await post(demoText, '?working=1')).json()).axes[0].working.length).toBeGreaterThan(30);
  });
  it('answers 422 with issues in data and words', async () => {
    const response = await post(demoText.replace('"bed"', '17'));
    expect(response.status).toBe(422);
    expect(await response.json()).toEqual({
      issues: [
        {
          code: 'wrong-type',
          path: ['axes', 0, 'id'],
          read: '17',
          params: { expected: 'string' },
          wanted: 'string',
          message: 'axes.0.id: read “17”; wanted string.',
        },
      ],
    });
    expect((await post('')).status).toBe(422);
  });
  it('answers 413 whether the length is announced, hidden or a lie', async () => {
    const large = ' '.repeat(5 * 1024 * 1024 + 1);
    expect((await post('{}', '', { 'content-length': '99999999' })).status).toBe(413);
    expect((await post(large)).status).toBe(413);
  });
  it('publishes the schema', async () => {
    expect((await GET().json()).properties).toHaveProperty('axes');
  });
});
