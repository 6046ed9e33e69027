import { describe, expect, it } from 'vitest';
import { familyById } from '@/core/catalogue';
import { axisReport } from '@/core/machine';
import { applyEdits, type Axis, setAt } from '@/core/model';
import { demoAxis } from '@test/helpers/demo';
import { judgedLine } from './judged';
import { linesByMoney } from './ordered';
import { everything } from './space';
import { demandOf, type WhyNot, type WhyNotAsked, whyNotSteps } from './why-not';

const gantry = demoAxis('gantry');
const first = (family: string, name?: string) =>
  familyById(family)!.parts.find((p) => !name || p.name.includes(name))!.id;

function whyNot(axis: Axis, family: string, part: string, more: Partial<WhyNotAsked> = {}): WhyNot {
  const steps = whyNotSteps({ axis, own: [], limits: everything, family, part, ...more });
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value!;
  }
}

describe('why not this part', () => {
  it('a part that needs others: the fewest of them change, the part is in it, and it holds', () => {
    const part = first('driver', '2 A');
    const found = whyNot(gantry, 'driver', part);
    const line = found.line!;
    expect(found.changed.length).toBeGreaterThan(0);
    expect(found.ways).toEqual([]);
    expect(line.axis.parts.driver).toBe(part);
    expect(judgedLine(line.axis, false).out).toEqual([]);
    // Nothing that changes fewer links holds: asked of every combination with the part, one set at a time.
    const links = ['drive', 'reducer', 'motor', 'supply'] as const;
    const refused = familyById('driver')!.parts.flatMap((p) => (p.id === part ? [] : [p.id]));
    const fewer = links.flatMap((a) => links.filter((b) => b >= a).map((b) => [...new Set([a, b])]));
    for (const set of [[], ...fewer].filter((s) => s.length < found.changed.length)) {
      const limits = { ...everything, refused, vary: ['driver' as const, ...set] };
      for (const likely of linesByMoney(gantry, [], limits))
        expect(judgedLine(likely.axis, false).out, set.join()).not.toEqual([]);
    }
  }, 60_000);

  it('what is found wanting with it alone is what the report finds of that axis', () => {
    const part = first('ball-screw', '12 mm');
    const { alone } = whyNot(gantry, 'ball-screw', part);
    expect(alone.map((c) => c.code)).toContain('whip');
    for (const found of alone) expect(found.verdict).toBe('gives-out');
    expect(alone[0]!.margin).toBe(Math.min(...alone.map((c) => c.margin)));
  }, 60_000);

  it('where nothing holds it says what would have to be asked less, and that is enough', () => {
    const part = first('ball-screw', '12 mm');
    const { line, ways } = whyNot(gantry, 'ball-screw', part);
    expect(line).toBeNull();
    const [rapid] = ways.find((w) => w.length === 1 && w[0]!.id === 'rapid')!;
    expect(rapid!.now).toBe(demandOf(gantry, 'rapid'));
    expect(rapid!.to).toBeLessThan(rapid!.now);
    const holdsAt = (speed: number) => {
      const asked = applyEdits(gantry, [
        { path: 'demands.rapid.si', value: speed },
        { path: 'demands.feed.si', value: Math.min(speed, gantry.demands.feed.si) },
      ]);
      return whyNot(asked, 'ball-screw', part).line !== null;
    };
    expect(holdsAt(rapid!.to)).toBe(true);
    // Whip goes with speed alone: what is much faster does not hold.
    expect(holdsAt(rapid!.to * 1.3)).toBe(false);
    const whip = axisReport(setAt(gantry, 'demands.rapid.si', rapid!.to)).ladder;
    expect(whip.length).toBeGreaterThan(0);
  }, 90_000);

  it('a part that fits as it is changes nothing else', () => {
    const part = first('driver', '2 A');
    const { axis } = whyNot(gantry, 'driver', part).line!;
    const again = whyNot(axis, 'driver', part);
    expect(again.alone).toEqual([]);
    expect(again.changed).toEqual([]);
    expect(again.line!.axis.motor).toEqual(axis.motor);
  }, 60_000);

  it('what the builder does not let change stays', () => {
    const part = first('driver', '2 A');
    const limits = { ...everything, vary: ['driver' as const, 'supply' as const] };
    const { line, changed } = whyNot(gantry, 'driver', part, { limits });
    expect(changed.filter((l) => l !== 'supply')).toEqual([]);
    if (line) expect(line.axis.drive).toEqual(gantry.drive);
  }, 60_000);

  it('a part that is gone, or of no link of the train, is nothing', () => {
    const steps = (family: string, part: string) =>
      whyNotSteps({ axis: gantry, own: [], limits: everything, family, part }).next();
    expect(steps('driver', 'no such part')).toEqual({ done: true, value: null });
    expect(steps('profile-rail', 'x')).toEqual({ done: true, value: null });
  });
});
