import { describe, expect, it } from 'vitest';
import { handClock, idealMechanism } from '@test/helpers/controller';
import { controllerStandIn } from '@/standins';
import { type BytePort, IDLE, machineLine } from '.';

/** A guarded line to a controller on its ideal mechanism. */
function guarded(wire: (port: BytePort) => BytePort = (p) => p) {
  const ideal = idealMechanism();
  const controller = controllerStandIn(ideal.mechanism);
  const { clock, forward } = handClock();
  const line = machineLine(wire(controller.port), clock);
  const run = (ms: number) => {
    for (let t = 0; t < ms; t += 10) {
      controller.run(10);
      forward(10);
    }
  };
  return { line, run, ideal, controller };
}

/** Requests are answered while time goes on. */
async function within<T>(asked: Promise<T>, run: (ms: number) => void): Promise<T> {
  let done = false;
  void asked.finally(() => (done = true));
  for (let i = 0; i < 300 && !done; i++) {
    run(20);
    await Promise.resolve();
    await new Promise((r) => setImmediate(r));
  }
  return asked;
}

describe('a machine behind its guard', () => {
  it('says who is there, and moves nothing before it is armed', async () => {
    const { line, run, ideal } = guarded();
    expect(await within(line.greet(), run)).toBe(true);
    expect(line.state().name).not.toBeNull();
    const reply = await within(line.move('by', { x: 5, f: 600 }), run);
    expect(reply).toMatchObject({ ok: false, number: 31 });
    run(3000);
    expect(ideal.state.way).toBe(0);
    expect(line.state()).toMatchObject({ armed: false, why: 'never' });
  });
  it('armed it moves, and tells where it is', async () => {
    const { line, run, ideal } = guarded();
    await within(line.greet(), run);
    expect(await within(line.arm(), run)).toBe(true);
    expect((await within(line.move('by', { x: 5, f: 600 }), run)).ok).toBe(true);
    run(2000);
    expect(ideal.real.x).toBeCloseTo(5, 6);
    expect(line.state().now?.at.x).toBeCloseTo(5, 3);
    // Kept alive by asking how it stands: no fault of a lost line.
    run(10_000);
    expect(line.state()).toMatchObject({ armed: true, fault: null });
  });
  it('a page that is hidden holds it on its way and disarms it', async () => {
    const { line, run, ideal } = guarded();
    await within(line.greet(), run);
    await within(line.arm(), run);
    await within(line.move('by', { x: 40, f: 600 }), run);
    run(500);
    line.disarm('hidden');
    run(1500);
    const stood = ideal.real.x;
    expect(stood).toBeLessThan(20);
    run(5000);
    expect(ideal.real.x).toBe(stood);
    expect(line.state()).toMatchObject({ armed: false, why: 'hidden' });
    expect((await within(line.move('by', { x: 1, f: 600 }), run)).ok).toBe(false);
  });
  it('half a minute without a request disarms it; a move under way counts as one', async () => {
    const { line, run } = guarded();
    await within(line.greet(), run);
    await within(line.arm(), run);
    await within(line.move('by', { x: 40, f: 60 }), run);
    run(IDLE + 4000);
    expect(line.state().armed).toBe(true);
    run(2 * IDLE);
    expect(line.state()).toMatchObject({ armed: false, why: 'idle' });
  });
  it('a fault disarms it; it is cleared, and armed again by hand only', async () => {
    const { line, run, ideal } = guarded();
    await within(line.greet(), run);
    await within(line.arm(), run);
    ideal.state.stopped = true;
    run(500);
    expect(line.state()).toMatchObject({ armed: false, why: 'fault' });
    ideal.state.stopped = false;
    expect((await within(line.clear(), run)).ok).toBe(true);
    run(500);
    expect(line.state().armed).toBe(false);
    expect(await within(line.arm(), run)).toBe(true);
  });
  it('a line that is pulled out is gone, and is not resumed', async () => {
    let pull: () => void = () => undefined;
    const { line, run, ideal } = guarded((port) => {
      const closed = new Set<() => void>();
      pull = () => closed.forEach((tell) => tell());
      return {
        ...port,
        onClosed: (tell) => {
          closed.add(tell);
          return () => closed.delete(tell);
        },
      };
    });
    await within(line.greet(), run);
    await within(line.arm(), run);
    await within(line.move('by', { x: 40, f: 600 }), run);
    pull();
    expect(line.state()).toMatchObject({ armed: false, why: 'gone' });
    // The controller hears nothing any more: it brakes by itself (F7).
    run(8000);
    const stood = ideal.real.x;
    expect(stood).toBeLessThan(40);
    line.disarm('by-hand');
    expect(line.state().why).toBe('gone');
    run(2000);
    expect(ideal.real.x).toBe(stood);
  });
});
