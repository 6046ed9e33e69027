import { afterAll, describe, expect, it } from 'vitest';
import { writeProjectFile, readProjectFile } from '@/core/formats';
import { type AnyFinding, machineReport } from '@/core/machine';
import { type Edit, type FieldRule, getAt, guess, type Project, projectFields, put } from '@/core/model';
import { parseQuantity, units } from '@/core/units';
import { demoMachines } from '@/demo';
import { Database, MachineStorage } from '@/storage';
import { type Chance, chance, SEED, WIDE } from '@test/helpers/chance';
import { Session } from './session';

const STEPS = 500 * WIDE;
const tools = { now: () => new Date('2026-11-26T12:00:00Z'), freshId: () => `stamp-${Math.random()}` };
const db = new Database('history-test');
const storage = new MachineStorage(db, tools);

afterAll(() => db.delete());

/** Every measured input of a machine by its path, lists walked through. */
function measures(value: unknown, path = ''): string[] {
  if (typeof value !== 'object' || value === null) return [];
  if ('si' in value && 'typed' in value) return [path];
  return Object.entries(value).flatMap(([k, v]) => measures(v, path ? `${path}.${k}` : k));
}

/** Something to type: mostly within its range, now and then far beyond it. */
function typed(rule: FieldRule, { next }: Chance): Edit['value'] | undefined {
  const low = Math.max(rule.above ?? rule.min ?? 0, rule.max * 1e-4);
  const si = low * (rule.max / low) ** (next() * 1.05);
  const [unit] = units[rule.kind];
  const shown = unit!.fromSi(rule.whole ? Math.round(si) : si);
  const text = `${Number(shown.toPrecision(4))} ${unit!.symbol}`.trim();
  return parseQuantity(rule.kind, text).ok ? (guess(rule.kind, text) as unknown as Edit['value']) : undefined;
}

function typing(project: Project, dice: Chance): Edit[] {
  const path = dice.pick(measures(project).filter((p) => !p.startsWith('pins.')));
  const rule = projectFields[path.replace(/\.\d+(?=\.|$)/g, '.N')];
  if (!rule) throw new Error(`no rule for ${path}`);
  const value = typed(rule, dice);
  return value === undefined ? [] : [{ path, value }];
}

function remedy(project: Project, dice: Chance): Edit[] {
  const report = machineReport(project);
  const findings = [...report.axes.flatMap((a) => a.findings), ...report.findings] as AnyFinding[];
  const remedies = findings.flatMap((f) => f.remedies);
  return remedies.length ? [...dice.pick(remedies).edits] : [];
}

const others: readonly ((project: Project, dice: Chance) => Edit[])[] = [
  (p, { below }) => [put('note', `${p.note.slice(0, 200)} ${below(1000)}`)],
  (p) => [put('units', p.units === 'metric' ? 'imperial' : 'metric')],
  (p, { pick, below }) => {
    const axis = pick(p.axes);
    return [
      put('pins', [...p.pins.slice(-3), { id: `pin-${below(1e9)}`, axisId: axis.id, name: 'Pin', axis }]),
    ];
  },
  (p, { pick }) => {
    const gone = pick(p.axes);
    return p.axes.length > 2
      ? [
          put(
            'axes',
            p.axes.filter((a) => a !== gone),
          ),
        ]
      : [];
  },
];

/** What an export and the importer make of it: the same, or the document is not one that we would open. */
const reread = (project: Project) => {
  const opened = readProjectFile(writeProjectFile(project));
  if (!opened.ok) throw new Error(JSON.stringify(opened.issues));
  return opened;
};

describe.each(demoMachines().map((m) => [m.name, m] as const))('%s', (_, machine) => {
  it(`after ${STEPS} edits in any order opens as it was left, and steps go back and forth`, async () => {
    await storage.add(machine);
    const session = new Session(machine.id, storage, tools);
    await session.open();
    const dice = chance(SEED);
    const states: Project[] = [session.project!];
    let refused = 0;
    for (let i = 0; i < STEPS; i++) {
      const now = session.project!;
      const turn = dice.below(10);
      const edits =
        turn < 7 ? typing(now, dice) : turn < 8 ? remedy(now, dice) : dice.pick(others)(now, dice);
      if (!edits.length) continue;
      const issues = session.edit(edits, { label: `step ${i}` });
      if (issues.length) {
        refused += 1;
        expect(session.project).toBe(now);
        continue;
      }
      // What was written stands where it was written.
      if (edits.length === 1) expect(getAt(session.project, edits[0]!.path)).toEqual(edits[0]!.value);
      states.push(session.project!);
      if (i % 50 === 0)
        expect(reread(session.project!)).toMatchObject({ project: session.project, issues: [] });
    }
    expect(refused).toBeGreaterThan(5);
    await session.whenIdle();
    const loaded = await storage.load(machine.id);
    expect(loaded).toMatchObject({ ok: true, issues: [] });
    expect(loaded.ok && loaded.project).toEqual(session.project);
    const { past } = session.store.getState().history;
    for (let i = 1; i <= past.length; i++) {
      expect(session.undo()).toBeDefined();
      expect(session.project).toBe(states[states.length - 1 - i]);
    }
    expect(session.undo()).toBeUndefined();
    for (let i = past.length - 1; i >= 0; i--) {
      expect(session.redo()).toBeDefined();
      expect(session.project).toBe(states[states.length - 1 - i]);
    }
    await session.whenIdle();
    const last = await storage.load(machine.id);
    expect(last.ok && last.project).toEqual(states.at(-1));
    session.close();
  });
});
