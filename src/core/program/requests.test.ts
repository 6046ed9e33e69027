import { describe, expect, it } from 'vitest';
import { lineSteps, type Program } from '.';

const program = (blocks: Program['blocks']): Program => ({
  name: 'test',
  remarks: [],
  nought: 'here',
  axes: [],
  blocks,
});
const run = { nought: { x: 10, y: -5 }, share: 1, rapid: 3000 };

describe('a program as requests over a line', () => {
  it('counts from where the axes stand, in millimetres and millimetres a minute', () => {
    const steps = lineSteps(
      program([
        { does: 'say', text: 'in air' },
        { does: 'rapid', to: { X: 0.1 } },
        { does: 'feed', to: { X: 0, Y: 0.02 }, speed: 0.01 },
        { does: 'dwell', time: 3 },
      ]),
      run,
    );
    expect(steps).toEqual([
      { does: 'request', verb: 'go', keys: { x: 110, f: 3000 } },
      { does: 'request', verb: 'go', keys: { x: 10, y: 15, f: 600 } },
      { does: 'request', verb: 'wait', keys: { ms: 3000 } },
    ]);
  });
  it('in air everything goes at a tenth, and never at nought', () => {
    const blocks: Program['blocks'] = [
      { does: 'rapid', to: { X: 0.1 } },
      { does: 'feed', to: { X: 0 }, speed: 1e-5 },
    ];
    const steps = lineSteps(program(blocks), { ...run, share: 0.1 })!;
    expect(steps.map((s) => (s.does === 'request' ? s.keys.f : 0))).toEqual([300, 1]);
  });
  it('an arc keeps plane, centre, end and sense', () => {
    const [arc] = lineSteps(
      program([{ does: 'arc', way: 'ccw', to: { X: 0.05, Y: 0 }, centre: { X: 0, Y: 0 }, speed: 0.02 }]),
      run,
    )!;
    expect(arc).toEqual({
      does: 'request',
      verb: 'turn',
      keys: { plane: 'xy', cx: 10, cy: -5, x: 60, y: -5, way: 'ccw', f: 1200 },
    });
  });
  it('stops where somebody is asked, and is not sent where a page may not switch', () => {
    expect(lineSteps(program([{ does: 'ask', text: 'read it' }]), run)).toEqual([
      { does: 'ask', text: 'read it' },
    ]);
    expect(lineSteps(program([{ does: 'spindle', speed: 100 }]), run)).toBeNull();
    expect(lineSteps(program([{ does: 'rapid', to: { A: 1 } }]), run)).toBeNull();
  });
});
