import { describe, expect, it } from 'vitest';
import { choicesOf, eventKinds, lessonsAgain, lessonsOf, logFindings, timelineOf } from '@/core/log';
import { arrangements } from '@/core/model';
import { demoMachines } from '@/demo';
import { machineOf } from '@test/helpers/true-up';
import { choiceText, eventFacts, eventNames, eventTitle, findingText, stretchText } from '.';

/** Ids, keys and what a programme says of nothing. */
const bad = /undefined|NaN|null|\[object|own:|\b[a-z]+\/[a-z]/;

describe('words of the log', () => {
  it.each(arrangements)('%s: every choice reads', (arrangement) => {
    for (const choice of choicesOf(machineOf(arrangement))) {
      expect(choiceText(choice)).not.toMatch(bad);
      expect(choiceText(choice)).toMatch(/^[A-Z][\w ]+: \S/);
    }
  });
  it.each(demoMachines().map((m) => [m.name, m] as const))(
    '%s: every event has a title',
    (_name, machine) => {
      for (const event of timelineOf(machine)) {
        const said = [eventTitle(machine, event, () => 'Rail'), eventNames[event.kind], ...eventFacts(event)];
        for (const text of said) expect(text, event.id).not.toMatch(bad);
        expect(said[0]!.length, event.id).toBeGreaterThan(2);
      }
    },
  );
  it('a regret that comes back says whose, when, and what was written', () => {
    const [kayak] = demoMachines();
    const findings = logFindings(lessonsAgain(kayak!, demoMachines().flatMap(lessonsOf)));
    const { title, lines } = findingText(findings[0]!, 'metric');
    expect(title).toBe('Regretted before: Knife lift ran in a deep groove bearing');
    expect(lines.join(' ')).toContain('Thrust bearing: deep groove. On Wayside scenery cutter');
    expect(lines.join(' ')).toContain('2026-10-25');
  });
  it('bars of the time line say how long they are', () => {
    expect([1, 7, 28, 364].map(stretchText)).toEqual([
      'A bar is a day',
      'A bar is a week',
      'A bar is 4 weeks',
      'A bar is 52 weeks',
    ]);
    expect(new Set(Object.values(eventNames)).size).toBe(eventKinds.length);
  });
});
