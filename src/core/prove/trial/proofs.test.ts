import { describe, expect, it } from 'vitest';
import { type Project, setAt } from '@/core/model';
import { chance, SEED } from '@test/helpers/chance';
import { covered, LEAST_COVER, MOST_COVER, normal } from '@test/helpers/errors';
import { alive, figureIn, gate, kayak, recorded, scenery, trialIn } from '@test/helpers/trials';
import { type Ground, type TrialPlan, trialsOf } from '.';
import { mostPush } from './proofs';
import { compensationTable, workSteps } from './work-axis';
import { trialRead } from './reading';
import { circleRadius, PIECE } from './pieces';

const machine = alive(kayak);
const notesOf = (project: Project, key: string) =>
  trialIn(project, key).last!.result.notes.map((n) => n.code);

describe('steps per unit', () => {
  const measured = (scale: number, lost: number, noise = () => 0) =>
    recorded(
      machine,
      'steps:bed',
      (_, row, column) => row.at!.value * scale + (column === 'up' ? -lost / 2 : lost / 2) + noise(),
      'dial',
    );
  it('scale and lost motion come apart; new steps are told, in the unit of the plan', () => {
    const read = measured(1.0004, 8e-5);
    expect(figureIn(read, 'steps:bed', 'scale-off').value).toBeCloseTo(4e-4, 9);
    expect(figureIn(read, 'steps:bed', 'lost-motion').value).toBeCloseTo(8e-5, 9);
    const note = trialIn(read, 'steps:bed').last!.result.notes.find((n) => n.code === 'new-steps')!;
    expect(Number(note.values.steps) / Number(note.values.was)).toBeCloseTo(1 / 1.0004, 9);
  });
  it('a wrong number is told by its ratio, too much compensation by its sign', () => {
    expect(notesOf(measured(20 / 19, 0), 'steps:bed')).toContain('plain-ratio');
    expect(notesOf(measured(1, -9e-5), 'steps:bed')).toContain('over-compensated');
    expect(notesOf(measured(1, 9e-5), 'steps:bed')).toEqual([]);
  });
  it('its intervals hold the truth as often as they say, instrument and scatter together', () => {
    const dice = chance(SEED);
    const { plan } = trialIn(machine, 'steps:bed');
    const { grounds } = trialsOf(machine);
    for (const id of ['scale-off', 'lost-motion'] as const) {
      const share = covered(400, () => {
        const [scale, lost] = [1 + 2e-4 * normal(dice), 3e-5 + 1e-4 * dice.next()];
        // The scale errs by one unknown share over its run, a reading by its own scatter.
        const run = plan.rows.at(-1)!.at!.value - plan.rows[0]!.at!.value;
        const limit = 15e-6;
        const stretch = ((2 * dice.next() - 1) * limit) / run;
        const read = recordOf(plan, machine, grounds, (value, up) => {
          const seen = value * (scale + stretch) + (up ? -lost / 2 : lost / 2) + 1e-5 * normal(dice);
          return Math.round(seen * 1e5) / 1e5;
        });
        const figure = read.figures!.find((f) => f.id === id)!;
        return {
          value: figure.value,
          truth: id === 'scale-off' ? scale - 1 : lost,
          expanded: figure.expanded!,
        };
      });
      expect(share).toBeGreaterThan(LEAST_COVER);
      expect(share).toBeLessThanOrEqual(id === 'scale-off' ? 1 : MOST_COVER);
    }
  });
});

/** A record of steps worked out without a document: two thousand documents take too long. */
function recordOf(
  plan: TrialPlan,
  project: Project,
  grounds: readonly Ground[],
  value: (asked: number, up: boolean) => number,
) {
  const entries = plan.columns.flatMap((column) =>
    plan.rows.map((row) => ({
      cell: `${row.id}/${column}`,
      typed: '',
      value: value(row.at!.value, column === 'up'),
      at: row.at!.value,
    })),
  );
  const said = {
    id: 'r',
    key: plan.key,
    at: '2026-11-27T18:00:00.000Z',
    temperature: 20,
    instrument: 'dial' as const,
    digit: null,
    limit: null,
    feed: null,
    running: null,
    compensation: '' as const,
    entries,
    note: '',
    taken: [],
  };
  return workSteps(trialRead(plan, said, project, grounds));
}

describe('what was read stays what it was', () => {
  it('a travel that changes changes no distance that was measured', () => {
    const read = recorded(
      machine,
      'steps:bed',
      (_, row, column) => row.at!.value * 1.0004 + (column === 'up' ? -1e-5 : 1e-5),
    );
    const shorter = setAt(read, 'axes.0.demands.travel.si', 1) as Project;
    // What is asked anew is another distance; what was read is shown where it was read.
    const first = (project: Project) => trialIn(project, 'steps:bed').plan.rows[0]!.at!.value;
    expect(first({ ...shorter, trials: [] })).toBeLessThan(first(read));
    expect(first(shorter)).toBe(first(read));
    expect(figureIn(shorter, 'steps:bed', 'scale-off').value).toBeCloseTo(4e-4, 9);
  });
});

describe('lost motion by link', () => {
  it('the largest difference of neighbours is where to look', () => {
    const places = { motor: 5e-6, nut: 95e-6, carriage: 110e-6, tool: 112e-6 } as Record<string, number>;
    const read = recorded(machine, 'links:bed', (id) => places[id]);
    expect(figureIn(read, 'links:bed', 'link-motor-nut').value).toBeCloseTo(90e-6, 12);
    expect(figureIn(read, 'links:bed', 'lost-motion').value).toBeCloseTo(110e-6, 12);
    const note = trialIn(read, 'links:bed').last!.result.notes[0]!;
    expect([note.code, note.values.link]).toEqual(['largest-link', 'motor-nut']);
  });
});

describe('a staircase', () => {
  const stairs = (stall: number, shift: number) =>
    recorded(machine, 'stairs-acceleration:gantry', (_, row) => (row.at!.value < stall ? 0 : shift));
  it('stalls between the last good and the first bad step; seven tenths of the good one are kept', () => {
    const read = stairs(3, 4e-4);
    const top = figureIn(read, 'stairs-acceleration:gantry', 'top-acceleration');
    const rows = trialIn(read, 'stairs-acceleration:gantry').plan.rows.map((r) => r.at!.value);
    const good = Math.max(...rows.filter((v) => v < 3));
    const bad = Math.min(...rows.filter((v) => v >= 3));
    expect(top.value).toBeCloseTo((good + bad) / 2, 12);
    expect(top.expanded).toBeCloseTo((bad - good) / 2, 12);
    const kept = trialIn(read, 'stairs-acceleration:gantry').last!.result.notes[0]!;
    expect(kept.values.kept).toBeCloseTo(0.7 * good, 12);
  });
  it('a shift of whole groups of four full steps is a stall, another one slips', () => {
    const { fullStep } = trialsOf(machine).grounds.find((g) => g.axis.id === 'gantry')!;
    const whole = (shift: number) =>
      trialIn(stairs(3, shift), 'stairs-acceleration:gantry').last!.result.notes.find(
        (n) => n.code === 'whole-steps',
      )!.values.whole;
    expect(whole(8 * fullStep!)).toBe(1);
    expect(whole(6 * fullStep!)).toBe(0);
  });
  it('lost at the lowest step already: that is told, with what is asked', () => {
    const read = stairs(0, 4e-4);
    const { result } = trialIn(read, 'stairs-acceleration:gantry').last!;
    const lowest = Math.min(...trialIn(read, 'stairs-acceleration:gantry').plan.rows.map((r) => r.at!.value));
    expect(result.notes[0]).toMatchObject({ code: 'lost-at-first', values: { at: lowest } });
    expect(result.figures).toEqual([]);
  });
  it('nothing lost says only that it is at least so fast', () => {
    const codes = notesOf(stairs(Infinity, 0), 'stairs-acceleration:gantry');
    expect(codes).toContain('no-loss-yet');
    expect(figureIn(stairs(Infinity, 0), 'stairs-acceleration:gantry', 'top-acceleration')).toBeUndefined();
  });
});

describe('positioning and its corrections', () => {
  const key = 'positioning:gantry';
  const read = recorded(
    machine,
    key,
    (_, row, column) => 3e-5 * row.at!.value + (column!.startsWith('up') ? -4e-6 : 4e-6),
  );
  it('the standard’s figures: no scatter, all of A is the scale and the reversal', () => {
    const rows = trialIn(read, key).plan.rows.map((r) => r.at!.value);
    const range = 3e-5 * (Math.max(...rows) - Math.min(...rows));
    expect(figureIn(read, key, 'iso-M').value).toBeCloseTo(range, 12);
    expect(figureIn(read, key, 'iso-B').value).toBeCloseTo(8e-6, 12);
    expect(figureIn(read, key, 'iso-A').value).toBeCloseTo(range + 8e-6, 12);
    expect(figureIn(read, key, 'iso-R').value).toBeCloseTo(8e-6, 12);
  });
  it('the table brings the mean of both sides to nought', () => {
    const { plan, last } = trialIn(read, key);
    const { grounds } = trialsOf(read);
    const table = compensationTable(trialRead(plan, last!.said, read, grounds));
    expect(table).toHaveLength(plan.rows.length);
    for (const { place, by } of table) expect(by).toBeCloseTo(-3e-5 * place, 12);
    const half = recorded(machine, key, (_, row, column) => (column === 'up-1' ? row.at!.value : undefined));
    const open = trialIn(half, key);
    expect(compensationTable(trialRead(open.plan, open.last!.said, half, grounds))).toEqual([]);
  });
});

describe('push, tap, warm-up, homing', () => {
  it('stiffness, play and friction come apart', () => {
    const { grounds } = trialsOf(machine);
    const most = mostPush(grounds.find((g) => g.axis.id === 'gantry')!);
    const [K, play, friction] = [2e7, 3e-6, 8];
    const read = recorded(machine, 'push:gantry', (id, row) => {
      const F = row.at!.value;
      const loading = Number(/-(\d)/.exec(id)![1]) <= 5;
      return Math.sign(F) * (play / 2 + (Math.abs(F) + (loading ? -friction : friction)) / K);
    });
    expect(most).toBeGreaterThanOrEqual(5 * 25);
    expect(figureIn(read, 'push:gantry', 'stiffness').value / K).toBeCloseTo(1, 6);
    expect(figureIn(read, 'push:gantry', 'play').value).toBeCloseTo(play, 9);
    expect(figureIn(read, 'push:gantry', 'friction').value).toBeCloseTo(friction, 6);
    expect(figureIn(read, 'push:gantry', 'lost-motion').value).toBeCloseTo(play + (2 * friction) / K, 9);
  });
  it('a ring gives stiffness by the mass, two swings the damping', () => {
    const given = { ring: 40, first: 1, last: 0.5, periods: 4 } as Record<string, number>;
    const read = recorded(machine, 'tap:gantry', (id) => given[id]);
    const mass = trialsOf(machine).grounds[1]!.axis.loads.masses.reduce((s, b) => s + b.mass.si, 0);
    expect(figureIn(read, 'tap:gantry', 'ring-stiffness').value).toBeCloseTo((80 * Math.PI) ** 2 * mass, 3);
    expect(figureIn(read, 'tap:gantry', 'damping').value).toBeCloseTo(Math.log(2) / (8 * Math.PI), 9);
  });
  it('a warm-up that was watched too shortly says so, and gives no figure to the plan', () => {
    const warm = (tau: number) =>
      recorded(machine, 'warm-up:bed', (_, row) => 6e-5 * (1 - Math.exp(-row.at!.value / tau)));
    expect(figureIn(warm(600), 'warm-up:bed', 'growth').value).toBeCloseTo(6e-5, 6);
    expect(notesOf(warm(600), 'warm-up:bed')).toEqual([]);
    expect(notesOf(warm(6000), 'warm-up:bed')).toEqual(['watch-longer']);
    expect(figureIn(warm(6000), 'warm-up:bed', 'growth').checks).toBeNull();
  });
  it('home comes back within four scatters', () => {
    const machine2 = alive(scenery);
    const key = trialsOf(machine2).trials.find((t) => t.plan.kind === 'homing')!.plan.key;
    let i = 0;
    const read = recorded(machine2, key, () => [0, 1e-5, -1e-5, 2e-5, -2e-5][i++ % 5]);
    // Scatter of ten readings, each of the five twice: √(2·10/9) hundredths of a millimetre.
    expect(figureIn(read, key, 'comes-back').value).toBeCloseTo(4 * Math.sqrt(20 / 9) * 1e-5, 9);
  });
});

describe('circles and pieces', () => {
  it('a traced circle: squareness, scales and lost motion of both axes', () => {
    const { grounds } = trialsOf(machine);
    const R = circleRadius([grounds[0]!, grounds[1]!]);
    const [gamma, lost] = [2e-4, 3e-5];
    const read = recorded(machine, 'circle', (id, row, column) => {
      if (id === 'radius') return R;
      const a = row.at!.value;
      const k = column === 'ccw' ? 1 : -1;
      const step = (k * lost * Math.sign(Math.round(Math.sin(a) * 1e9)) * Math.cos(a)) / 2;
      return (gamma * R * Math.sin(2 * a)) / 2 + step;
    });
    expect(figureIn(read, 'circle', 'gamma').value).toBeCloseTo(gamma, 7);
    expect(figureIn(read, 'circle', 'lost-x').value).toBeCloseTo(lost, 7);
    expect(figureIn(read, 'circle', 'lost-y').value).toBeCloseTo(0, 7);
    expect(figureIn(read, 'circle', 'lost-x').checks).toEqual({ id: 'lost-motion', axis: 'bed' });
  });
  it('a disc: out of square by its diagonals, scales by its sides', () => {
    const disc = { 'turn-0': 0.1002, 'turn-45': 0.1001, 'turn-90': 0.1, 'turn-135': 0.09995 } as Record<
      string,
      number
    >;
    const read = recorded(machine, 'disc', (id) => (id === 'asked' ? 0.1 : disc[id.split('/')[0]!]));
    const mean = (0.1001 + 0.09995) / 2;
    expect(figureIn(read, 'disc', 'gamma').value).toBeCloseTo(0.00015 / mean, 9);
    expect(figureIn(read, 'disc', 'scales').value).toBeCloseTo(0.0002 / mean, 9);
  });
  it('a square: its angle, and six lengths that do not close make no figure', () => {
    const side = PIECE.square;
    const gamma = 1e-3;
    // Less than 90° at the first corner: the rising diagonal is the longer one.
    const rising = Math.hypot(side + side * Math.sin(gamma), side * Math.cos(gamma));
    const falling = Math.hypot(side - side * Math.sin(gamma), side * Math.cos(gamma));
    const six = { near: side, right: side, far: side, left: side, rising, falling } as Record<string, number>;
    const read = recorded(machine, 'ply-square', (id) => six[id]);
    expect(figureIn(read, 'ply-square', 'gamma').value).toBeCloseTo(gamma, 7);
    const broken = recorded(machine, 'ply-square', (id) => ({ ...six, rising: 5 })[id]);
    expect(trialIn(broken, 'ply-square').last!.result.figures).toEqual([]);
  });
  it('kerf and scale out of hole and drop; a joint’s play and the cutter’s width', () => {
    const W = PIECE.plasmaSquare;
    const cut = { 'hole-x': W + 0.0015, 'drop-x': W - 0.0013, 'hole-y': W + 0.0014, 'drop-y': W - 0.0014 };
    const plasma = recorded(alive(gate), 'plasma-square', (id) => (cut as Record<string, number>)[id]);
    expect(figureIn(plasma, 'plasma-square', 'kerf-x').value).toBeCloseTo(0.0014, 12);
    expect(figureIn(plasma, 'plasma-square', 'scale-x').value).toBeCloseTo(1e-3, 9);
    expect(figureIn(plasma, 'plasma-square', 'scale-y').value).toBeCloseTo(0, 9);
    const lap = recorded(machine, 'half-lap', (id) => (id === 'slot' ? 0.0302 : 0.0299));
    expect(figureIn(lap, 'half-lap', 'lap-play').value).toBeCloseTo(3e-4, 12);
  });
  it('a spindle by its runout; a touch by its scatter, less what the sheet gives', () => {
    const runout = (near: number) =>
      trialIn(
        recorded(machine, 'spindle', (id) => ({ near, further: 2e-5 })[id]),
        'spindle',
      ).standing;
    expect([runout(1e-5), runout(1e-4)]).toEqual(['passed', 'failed']);
    let i = 0;
    const touch = recorded(alive(gate), 'touch-off', (id) => {
      if (id === 'give') return 3e-4;
      return id === 'force' ? 5 : 0.004 + (i++ % 2) * 1e-5;
    });
    expect(figureIn(touch, 'touch-off', 'touch-height').value).toBeCloseTo(0.004005 - 3e-4, 9);
  });
});
