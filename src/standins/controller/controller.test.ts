import { describe, expect, it } from 'vitest';
import { bytesOf, NOW, type Now, readAnswer } from '@/core/link';
import { bench, idealMechanism } from '@test/helpers/controller';
import { controllerStandIn } from '.';

type Bench = ReturnType<typeof bench>;
const armed = async (b: Bench = bench()) => {
  await b.client.ask('hello');
  await b.client.ask('arm', { key: 'bench' });
  return b;
};
/** Asked over and over, so that the line does not fall silent. */
const alive = (b: Bench, ms: number) => {
  for (let t = 0; t < ms; t += 500) {
    b.client.now('report');
    b.run(Math.min(500, ms - t));
  }
};
const number = async (asked: ReturnType<Bench['client']['ask']>) => {
  const reply = await asked;
  return reply.ok ? 0 : reply.number;
};

describe('arming', () => {
  it('nothing moves before it is armed with its key; what is asked says so', async () => {
    const b = bench();
    expect(b.controller.mode()).toBe('cold');
    const hello = await b.client.ask('hello');
    expect(hello.ok && hello.has[0]!.get('key')).toBe('bench');
    expect(b.controller.mode()).toBe('unarmed');
    expect(await number(b.client.ask('by', { x: 5, f: 300 }))).toBe(31);
    expect(await number(b.client.ask('arm', { key: 'wrong' }))).toBe(12);
    b.run(2000);
    expect(b.controller.at()).toEqual({ x: 0, y: 0, z: 0 });
    expect(await number(b.client.ask('arm', { key: 'bench' }))).toBe(0);
    expect(b.controller.mode()).toBe('ready');
  });
  it('lapses after half a minute at rest, and brakes when it hears nothing for two seconds', async () => {
    const b = await armed();
    alive(b, 31_000);
    expect(b.controller.mode()).toBe('unarmed');
    const deaf = await armed();
    await deaf.client.ask('by', { x: 40, f: 600 });
    deaf.run(2500);
    expect(deaf.events).toContain('fault=F7');
    const stood = deaf.controller.at().x;
    deaf.run(3000);
    expect(deaf.controller.at().x).toBe(stood);
    expect(await number(deaf.client.ask('by', { x: 1, f: 300 }))).toBe(40);
    await deaf.client.ask('clear');
    expect(deaf.controller.mode()).toBe('unarmed');
  });
});

describe('moves', () => {
  it('goes where it is asked, at the speed that it is asked, and tells when it is there', async () => {
    const b = await armed();
    await b.client.ask('by', { x: 30, y: 40, f: 600 });
    // 50 mm at 10 mm/s with 500 mm/s²: 5 s and the 20 ms of both ramps.
    alive(b, 4900);
    expect(b.events).toEqual([]);
    alive(b, 200);
    expect(b.events.filter((e) => e.startsWith('done'))).toHaveLength(1);
    expect(b.controller.at().x).toBeCloseTo(30, 6);
    expect(b.ideal.real.y).toBeCloseTo(40, 6);
  });
  it('before homing only short and slow; beyond a soft limit never, arcs included', async () => {
    const b = await armed();
    expect(await number(b.client.ask('by', { x: 51, f: 300 }))).toBe(32);
    expect(await number(b.client.ask('by', { x: 5, f: 1001 }))).toBe(32);
    await b.client.ask('home', { axes: 'xyz' });
    alive(b, 60_000);
    await b.client.ask('arm', { key: 'bench' });
    expect(b.controller.at()).toEqual({ x: 3, y: 3, z: 3 });
    expect(await number(b.client.ask('go', { x: 501, f: 600 }))).toBe(30);
    expect(await number(b.client.ask('go', { x: -1, f: 600 }))).toBe(30);
    const round = { plane: 'xy', way: 'ccw', f: 600 };
    expect(await number(b.client.ask('turn', { ...round, cx: 3, cy: 20 }))).toBe(30);
    expect(await number(b.client.ask('turn', { ...round, cx: 40, cy: 3, x: 80, y: 10 }))).toBe(33);
    expect(await number(b.client.ask('turn', { ...round, cx: 23, cy: 3, x: 43, y: 3, way: 'cw' }))).toBe(0);
  });
  it('an arc keeps its radius all along, a helix climbs evenly', async () => {
    const b = await armed();
    await b.client.ask('turn', { plane: 'xy', way: 'ccw', cx: -10, cy: 0, z: 6, f: 900 });
    for (let i = 0; i < 40; i++) {
      alive(b, 100);
      const { x, y, z } = b.controller.at();
      expect(Math.hypot(x + 10, y)).toBeCloseTo(10, 9);
      expect(z).toBeGreaterThanOrEqual(0);
    }
    alive(b, 2000);
    expect(b.controller.at().z).toBeCloseTo(6, 6);
  });
  it('hold brakes on the way and carries on to the same place; drop forgets, and where it is', async () => {
    const b = await armed();
    await b.client.ask('by', { x: 40, f: 600 });
    alive(b, 1000);
    b.client.now('hold');
    alive(b, 1000);
    const stood = b.controller.at().x;
    expect(b.controller.mode()).toBe('holding');
    alive(b, 1000);
    expect(b.controller.at().x).toBe(stood);
    b.client.now('carryOn');
    alive(b, 4000);
    expect(b.controller.at().x).toBeCloseTo(40, 6);
    await b.client.ask('by', { x: -30, f: 600 });
    alive(b, 1000);
    b.client.now('drop');
    alive(b, 1000);
    expect(b.controller.mode()).toBe('unarmed');
    expect(b.controller.at().x).toBeGreaterThan(20);
  });
  it('a plan that is full says so, and takes more when there is room', async () => {
    const b = await armed();
    const rooms: number[] = [];
    for (let i = 0; i < 16; i++) {
      const reply = await b.client.ask('by', { x: 0.5, f: 60 });
      rooms.push(reply.ok ? (reply.room ?? -1) : -1);
    }
    expect(rooms).toEqual(Array.from({ length: 16 }, (_, i) => 15 - i));
    expect(await number(b.client.ask('by', { x: 0.5, f: 60 }))).toBe(20);
    alive(b, 3000);
    expect(await number(b.client.ask('by', { x: 0.5, f: 60 }))).toBe(0);
  });
});

describe('switches, touch and faults', () => {
  it('a switch that trips on the way stops it where it is, and must be cleared', async () => {
    const b = await armed();
    await b.client.ask('by', { x: -48, f: 900 });
    alive(b, 6000);
    expect(b.events).toEqual(expect.arrayContaining(['trip=x', 'fault=F1']));
    expect(b.controller.at().x).toBeGreaterThan(-41);
  });
  it('a switch that is not there is a fault, not an axis that drives on for ever', async () => {
    const ideal = idealMechanism(-10_000);
    const b = { ...bench(), ideal };
    const controller = controllerStandIn(ideal.mechanism);
    const heard: string[] = [];
    controller.port.listen((bytes) => heard.push(new TextDecoder().decode(bytes)));
    controller.port.send(bytesOf('1 arm key=bench'));
    controller.port.send(bytesOf('2 home axes=x'));
    for (let i = 0; i < 60; i++) {
      controller.port.send(Uint8Array.of(NOW.report));
      controller.run(1000);
    }
    expect(heard.join('')).toContain('fault=F3');
    expect(b.controller.mode()).toBe('cold');
  });
  it('the stop and the supply cut everything; a touch tells where, a miss is a fault', async () => {
    const b = await armed();
    b.ideal.state.touchAt = -12;
    await b.client.ask('touch', { axis: 'z', to: -30, f: 300 });
    alive(b, 4000);
    const done = b.events.find((e) => e.includes('at='))!;
    expect(Number(done.split(',')[2])).toBeCloseTo(-12, 1);
    b.ideal.state.touchAt = null;
    await b.client.ask('touch', { axis: 'z', to: -20, f: 300 });
    alive(b, 3000);
    expect(b.events).toContain('fault=F3');
    const stopped = await armed();
    await stopped.client.ask('by', { x: 30, f: 600 });
    alive(stopped, 500);
    stopped.ideal.state.stopped = true;
    alive(stopped, 500);
    expect(stopped.events).toContain('fault=F2');
    expect(stopped.controller.mode()).toBe('fault');
  });
  it('settings are listed by number, taken within their range at rest only', async () => {
    const b = await armed();
    const all = await b.client.ask('settings');
    expect(all.ok && all.has).toHaveLength(3 * 12 + 4);
    expect(await number(b.client.ask('put', { n: 102, v: 1200 }))).toBe(0);
    expect(b.controller.settings.of('x', 'vmax')).toBe(1200);
    expect(await number(b.client.ask('put', { n: 102, v: -1 }))).toBe(12);
    expect(await number(b.client.ask('put', { n: 999, v: 1 }))).toBe(12);
    await b.client.ask('by', { x: 20, f: 300 });
    b.run(10);
    expect(await number(b.client.ask('put', { n: 102, v: 600 }))).toBe(12);
  });
});

describe('the line', () => {
  it('a request that was lost is sent again and moves once; an answer that was lost too', async () => {
    let drop = 0;
    const b = bench((port) => ({
      ...port,
      send: (bytes) => {
        if (bytes.length > 1 && drop-- > 0) return;
        port.send(bytes);
      },
      listen: (on) =>
        port.listen((bytes) => {
          if (mute-- > 0) return;
          on(bytes);
        }),
    }));
    let mute = 0;
    const asked = async (verb: string, keys: Record<string, string | number>) => {
      const reply = b.client.ask(verb, keys);
      for (let i = 0; i < 5; i++) {
        b.run(500);
        await Promise.resolve();
      }
      return reply;
    };
    await b.client.ask('hello');
    await b.client.ask('arm', { key: 'bench' });
    b.client.keepAlive();
    drop = 1;
    expect((await asked('by', { x: 10, f: 900 })).ok).toBe(true);
    mute = 1;
    expect((await asked('by', { x: 10, f: 900 })).ok).toBe(true);
    alive(b, 3000);
    expect(b.ideal.real.x).toBeCloseTo(20, 6);
    drop = 100;
    expect(await asked('by', { x: 10, f: 900 })).toMatchObject({ ok: false, number: 0 });
  });
  it('says how it stands when it is asked to, at once', async () => {
    const b = await armed();
    let now: Now | undefined;
    b.client.onNow((n) => (now = n));
    b.client.now('report');
    expect(now).toMatchObject({ mode: 'ready', plan: { used: 0, size: 16 }, homed: '' });
    expect(readAnswer('nonsense')).toBeNull();
  });
  it('closed, every question that waits is answered with nothing', async () => {
    const b = bench((port) => ({ ...port, send: () => undefined }));
    const waiting = b.client.ask('hello');
    b.client.close();
    expect(await waiting).toMatchObject({ ok: false, number: 0 });
    expect(await b.client.ask('hello')).toMatchObject({ ok: false });
  });
});
