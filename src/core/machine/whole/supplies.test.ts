import { describe, expect, it } from 'vitest';
import { applyEdits, type Axis, guess } from '@/core/model';
import { demoMachines } from '@/demo';
import { suppliesOf } from './supplies';

const axes = demoMachines()[0]!.axes.slice(0, 2);
const on = (axis: Axis, supply: string, others: string): Axis => ({
  ...applyEdits(axis, [{ path: 'supply.others', value: guess('power', others) }]),
  parts: { ...axis.parts, supply },
});
/** Reports in which an axis draws so much beside its others. */
const reportsOf = (all: readonly Axis[], own: readonly number[]) =>
  all.map((axis, i) => ({
    figures: [{ id: 'supply-power', value: own[i]! + axis.supply.others.si }],
  })) as never;

describe('what the axes draw from their supplies', () => {
  const drawn = (all: readonly Axis[], own: readonly number[]) =>
    suppliesOf(all, reportsOf(all, own)).map((g) => g.drawn);
  it('an axis that is told what the other draws does not count it twice', () => {
    const both = [on(axes[0]!, 's', '80 W'), on(axes[1]!, 's', '120 W')];
    expect(drawn(both, [120, 80])).toEqual([200]);
  });
  it('nobody said: all of them together', () => {
    const both = [on(axes[0]!, 's', '0 W'), on(axes[1]!, 's', '0 W')];
    expect(drawn(both, [120, 80])).toEqual([200]);
  });
  it('more beside one axis than the machine has axes for counts', () => {
    const both = [on(axes[0]!, 's', '300 W'), on(axes[1]!, 's', '0 W')];
    expect(drawn(both, [120, 80])).toEqual([420]);
  });
  it('each kind of supply by itself', () => {
    const each = [on(axes[0]!, 's', '50 W'), on(axes[1]!, 't', '0 W')];
    expect(drawn(each, [120, 80])).toEqual([170, 80]);
  });
});
