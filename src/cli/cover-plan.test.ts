import { POST } from '@/app/api/plan/route.service';
import { machineReport } from '@/core/machine';
import { projectIssues } from '@/core/model';
import { describe, expect, it } from 'vitest';
import { run } from './plan';

const NOW = '2026-11-28T00:00:00.000Z';
const brief = JSON.stringify({
  job: 'pen',
  area: { length: '500 mm', width: '400 mm', height: '15 mm' },
  frame: 'aluminium',
  arrangement: 'moving-gantry',
});
const files: Readonly<Record<string, string>> = {
  'brief.json': brief,
  'tube.json': JSON.stringify({
    ...JSON.parse(brief),
    frame: 'steel',
    bars: [{ section: 'rect-tube 45x45x2.5 steel', length: '20 ft', count: 3 }],
  }),
  'bar.json': '{"bars": [{"section": "rect-tube 45x45x2.5 steel", "length": "long"}]}',
  'bad.json': '{"area": {"length": "long"}}',
  'no.json': '{"job": "pen", "area": {"width": "12 m"}, "accuracy": "0.001 mm", "frame": "aluminium"}',
};
const read = (path: string) => {
  const text = files[path];
  if (text === undefined) throw new Error('ENOENT');
  return text;
};
const JSON_TYPE = { 'content-type': 'application/json' };
const post = (body: string, init: RequestInit = {}) =>
  POST(new Request('http://local/api/plan', { method: 'POST', body, headers: JSON_TYPE, ...init }));

describe('the terminal', () => {
  it('writes machines that hold, and nothing else', () => {
    const { out, err, code } = run(['brief.json'], read, NOW);
    expect([err, code]).toEqual(['', 0]);
    const { plans, conflict } = JSON.parse(out);
    expect(conflict).toBeNull();
    expect(plans.length).toBeGreaterThan(0);
    for (const { machine, figures, kind } of plans) {
      expect(projectIssues(machine)).toEqual([]);
      const report = machineReport(machine, { flex: true, remedies: false });
      expect(report.verdict, kind).not.toBe('gives-out');
      expect(report.masses.moving).toBeCloseTo(figures.moving, 9);
      // What was wished stands in it.
      expect(machine.brief.arrangement).toBe('moving-gantry');
      expect(machine.structure.beam.material).toBe('aluminium');
    }
  });
  it('builds of tube that lies there, and names the bar that does not read', () => {
    const { plans } = JSON.parse(run(['tube.json'], read, NOW).out);
    const taken = plans.filter(
      (p: { figures: { drawer: { metres: number } } }) => p.figures.drawer.metres > 1,
    );
    expect(taken.length).toBeGreaterThan(0);
    const { beam } = taken[0].machine.structure;
    expect([beam.section.height.si, beam.section.wall.si]).toEqual([0.045, 0.0025]);
    // Six metres and a tenth: the bars stay on the machine, for Build saws from them.
    expect(taken[0].machine.bars[0].length.si).toBeCloseTo(6.096, 9);
    const wrong = run(['bar.json'], read, NOW);
    expect([wrong.out, wrong.code]).toEqual(['', 2]);
    expect(wrong.err).toContain('long');
  });
  it.each([[[]], [['a', 'b']], [['--much']], [['nowhere.json']], [['bad.json']]])(
    '%j: exit code 2, nothing on standard output',
    (args) => {
      const { out, err, code } = run(args, read, NOW);
      expect([out, code]).toEqual(['', 2]);
      expect(err.length).toBeGreaterThan(20);
    },
  );
  it('where nothing holds it ends with 1 and says what each attempt failed by', () => {
    const { out, code } = run(['no.json'], read, NOW);
    const { plans, failed, conflict } = JSON.parse(out);
    expect([code, plans]).toEqual([1, []]);
    expect(failed.length).toBeGreaterThan(0);
    expect(conflict).not.toBeNull();
    // Every wish is let go, and pairs of them: minutes where machines are slow.
  }, 300_000);
});

describe('the service', () => {
  it('gives the same as the terminal', async () => {
    const response = await post(brief);
    expect(response.status).toBe(200);
    const reply = await response.json();
    const { plans } = JSON.parse(run(['brief.json'], read, NOW).out);
    expect(reply.plans.map((p: { figures: object }) => p.figures)).toEqual(
      plans.map((p: { figures: object }) => p.figures),
    );
  });
  it('answers 422 by the name of the field, 413 above its bound', async () => {
    const response = await post(files['bad.json']!);
    expect(response.status).toBe(422);
    expect((await response.json()).issues[0].path.join('.')).toContain('brief.area.length');
    expect((await post(' '.repeat(5 * 1024 * 1024 + 1))).status).toBe(413);
  });
  it('works no more for who has hung up', async () => {
    const gone = new AbortController();
    gone.abort();
    const request = new Request('http://local/api/plan', {
      method: 'POST',
      body: brief,
      headers: JSON_TYPE,
    });
    const left = new Proxy(request, {
      get: (of, key) => {
        if (key === 'signal') return gone.signal;
        const value = Reflect.get(of, key, of) as unknown;
        return typeof value === 'function' ? value.bind(of) : value;
      },
    });
    expect((await POST(left)).status).toBe(503);
  });
});
