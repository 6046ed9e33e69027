import { describe, expect, it } from 'vitest';
import { readProjectFile, writeProjectFile } from '@/core/formats';
import { applyEdits, arrangements, estimate, practiceFaults, practiceLevels, put } from '@/core/model';
import { sheetEdits } from '@/core/prove';
import { gate, kayak, scenery } from '@test/helpers/trials';
import { nameAll, practiceOf, practised, readOff, tryOff } from '@test/helpers/practise';
import { machineOf } from '@test/helpers/true-up';
import { faultsMade, hiddenFaults, possibleFaults, practiceGround, practiceResult, wasSeen } from '.';

const demos = [kayak, gate, scenery];

describe('a practice machine', () => {
  it('hides one to four faults of thirty kinds, the same by its seed', () => {
    expect(practiceFaults.length).toBeGreaterThanOrEqual(20);
    const seen = new Set<string>();
    for (let seed = 1; seed <= 200; seed++)
      for (const project of demos) {
        const ground = practiceGround(practiceOf(project, seed, 'plain'))!;
        const hidden = hiddenFaults(ground);
        expect(hidden.length).toBeGreaterThan(0);
        expect(hidden.length).toBeLessThan(5);
        expect(hiddenFaults(ground)).toEqual(hidden);
        for (const h of hidden) seen.add(h.fault);
      }
    const lifted = practiceGround(practiceOf(machineOf('lifted-two'), 1, 'plain'))!;
    for (const { fault } of possibleFaults(lifted)) seen.add(fault);
    expect([...practiceFaults].filter((f) => !seen.has(f))).toEqual([]);
  });
  it('what is hidden stays, whatever is taken into the plan meanwhile', () => {
    const start = practiceOf(kayak, 4, 'plain');
    const hidden = hiddenFaults(practiceGround(start)!).map((h) => [h.fault, h.axis, h.size]);
    const other = applyEdits(start, [
      put('axes.0.loads.guideDrag', estimate('force', '90 N')),
      put('brief.accuracy', estimate('length', '0.1 mm')),
    ]);
    expect(hiddenFaults(practiceGround(other)!).map((h) => [h.fault, h.axis, h.size])).toEqual(hidden);
    expect(start.practice!.hidden).toHaveLength(hidden.length);
  });
  it('a file with an unknown fault is refused; where nothing is hidden there are no points', () => {
    const start = practiceOf(kayak, 4, 'plain');
    const at = start.practice!.began;
    const named = [{ id: 'n', fault: 'gremlins', axis: '', at, mended: false }];
    const file = JSON.stringify({ ...start, practice: { ...start.practice, named } });
    expect(readProjectFile(file).ok).toBe(false);
    const none = { ...start, practice: { ...start.practice!, hidden: [] } };
    const { score, points } = practiceResult(practiceGround(none)!);
    expect([score, points.faults.got, points.left.got]).toEqual([0, 0, 0]);
  });
  it('is written to a file and read again as it is', () => {
    const machine = practised(practiceOf(kayak, 5, 'plain'));
    const opened = readProjectFile(writeProjectFile(machine));
    expect(opened.ok && opened.project.practice).toEqual(machine.practice);
    expect(opened.ok && opened.project.rounds).toEqual(machine.rounds);
  });
  it.each(arrangements)('%s: has at least twelve kinds that may be wrong', (arrangement) => {
    const ground = practiceGround(practiceOf(machineOf(arrangement), 1, 'plain'))!;
    expect(new Set(possibleFaults(ground).map((p) => p.fault)).size).toBeGreaterThanOrEqual(12);
  });
  it.each(practiceLevels)('%s: whoever reads all, names all and trues up gets nearly all points', (level) => {
    for (let seed = 1; seed <= 8; seed++)
      for (const project of demos) {
        const machine = practised(practiceOf(project, seed, level));
        const result = practiceResult(practiceGround(machine)!);
        const what = `${project.name} ${seed} ${level} ${JSON.stringify(result)}`;
        expect(
          result.faults.map((f) => f.named),
          what,
        ).toEqual(result.faults.map(() => 'right'));
        expect(result.score, what).toBeGreaterThanOrEqual(85);
      }
  });
  it('what is named without a reading is a guess, and counts nothing', () => {
    const machine = nameAll(practiceOf(kayak, 3, 'bad'));
    const { faults, points } = practiceResult(practiceGround(machine)!);
    expect(faults.every((f) => f.named === 'guessed')).toBe(true);
    expect(points.faults.got).toBe(0);
    expect([points.readings.got, points.time.got]).toEqual([0, 0]);
  });
  it('nothing named, nothing found; what is not there costs points', () => {
    const bare = practiceOf(kayak, 3, 'bad');
    const { faults, score } = practiceResult(practiceGround(bare)!);
    expect(faults.every((f) => f.named === 'missed' || f.named === 'group')).toBe(true);
    expect(score).toBe(0);
    const hidden = hiddenFaults(practiceGround(bare)!);
    const other = possibleFaults(practiceGround(bare)!).find(
      (p) => !hidden.some((h) => h.fault === p.fault),
    )!;
    const named = [
      { id: 'n', fault: other.fault, axis: other.axis, at: bare.practice!.began, mended: false },
    ];
    const guessed = practiceResult(practiceGround({ ...bare, practice: { ...bare.practice!, named } })!);
    expect(guessed.wrong).toHaveLength(1);
  });
});

describe('every fault shows in the readings that are said to show it', () => {
  // A fault alone on its machine, by a seed that draws it.
  const found = new Map<string, { readonly seed: number; readonly project: (typeof demos)[number] }>();
  const machines = [...demos, machineOf('lifted-two'), machineOf('moving-gantry')];
  for (let seed = 1; seed < 3000 && found.size < practiceFaults.length; seed++)
    for (const project of machines) {
      const hidden = hiddenFaults(practiceGround(practiceOf(project, seed, 'bad'))!);
      if (hidden.length === 1 && !found.has(hidden[0]!.fault)) found.set(hidden[0]!.fault, { seed, project });
    }
  it('each kind comes alone somewhere', () => {
    expect(practiceFaults.filter((f) => !found.has(f))).toEqual([]);
  });
  it.each([...found.keys()])('%s', (fault) => {
    const { seed, project } = found.get(fault)!;
    const start = practiceOf(project, seed, 'bad');
    const ground = practiceGround(start)!;
    const [hidden] = hiddenFaults(ground);
    const keys = fault === 'sticky-indicator' ? ['frame'] : [hidden!.shown[0]!];
    for (const key of keys) {
      const sheet = ground.sheets.some((s) => s.key === key);
      // Edge and square show what they are themselves once they are turned over.
      const turned = fault === 'square-out' ? 'square-turned' : '';
      const set = applyEdits(
        start,
        sheetEdits(start, key, { method: turned }, () => 'said'),
      );
      const read = sheet ? readOff(set, key, fault === 'sticky-indicator' ? 2 : 1) : tryOff(set, key);
      expect(wasSeen(practiceGround(read)!, hidden!, '2099-01-01T00:00:00.000Z')).toBe(true);
      expect(wasSeen(ground, hidden!, '2099-01-01T00:00:00.000Z')).toBe(false);
    }
    expect(faultsMade[hidden!.fault].sizes.bad).toBeGreaterThan(0);
  });
});
