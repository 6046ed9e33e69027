import { dateOfWall, timeOfWall, type Wall } from '../calendar';
import type { Depth } from '../order';
import type { WorkContext } from './work';

/** A moment as text: `2026-11-27 19:30`, by the clock on the wall. */
const moment = (at: Wall | undefined): string | null =>
  at === undefined ? null : `${dateOfWall(at)} ${timeOfWall(at)}`;

const offOf = (depth: Depth | undefined) =>
  depth ? { off: depth.off, minutes: depth.minutes, least: depth.least } : null;

/** How a machine is put together, and when: plain data, as it goes into JSON. */
export type WorkReport = ReturnType<typeof workReport>;

/** The work as a report. Torques N·m, lengths m, minutes of work, hours of wait. */
export function workReport({ assembly, plan, tonight }: WorkContext) {
  const { ordering } = assembly;
  const dated = new Map(plan.schedule.dated.map((d) => [d.id, d]));
  const undated = new Map(plan.schedule.undated.map((u) => [u.id, u.why]));
  const access = new Map(assembly.access.map((a) => [a.joint, a]));
  return {
    steps: assembly.steps.map((s) => {
      const at = dated.get(s.id);
      return {
        id: s.id,
        kind: s.kind,
        owner: s.owner,
        name: s.name,
        state: s.state,
        needs: s.needs,
        brings: s.brings,
        sets: s.sets,
        place: s.place,
        minutes: s.work,
        guessed: s.guessed,
        wait: s.wait,
        people: s.people,
        from: moment(at?.from),
        to: moment(at?.to),
        canWait: at?.float ?? null,
        critical: at?.critical ?? false,
        undated: undated.get(s.id) ?? null,
        missing: plan.missing.filter((m) => m.step === s.id).map(({ key, due, why }) => ({ key, due, why })),
        readings: s.said?.readings ?? [],
      };
    }),
    order: ordering.turns,
    twice: ordering.twice,
    conflict: ordering.conflict ?? null,
    doubted: ordering.doubted,
    loose: assembly.loose,
    putOn: Object.fromEntries(assembly.ons),
    joints: assembly.joints.map((j) => {
      const reach = access.get(j.id);
      return {
        part: j.id,
        on: j.on,
        thread: j.thread,
        count: j.count,
        length: j.length,
        torque: j.torque,
        usual: reach?.usual ?? j.usual,
        unknown: reach?.unknown ?? true,
        free: reach?.free ?? 0,
        tools: reach?.tools ?? [],
        inTheWay: reach?.demand ?? [],
      };
    }),
    services: assembly.services.map((s) => ({
      part: s.part,
      what: s.what,
      reach: offOf(s.reach),
      out: offOf(s.off),
      again: s.again,
      minutes: s.minutes,
      usual: s.usual,
      unknown: s.unknown,
    })),
    left: plan.left,
    firstMotion: moment(plan.firstMotion),
    undue: plan.undue,
    end: moment(plan.schedule.end),
    slack: Object.fromEntries(plan.slack),
    tonight: {
      from: moment(tonight.span?.from),
      to: moment(tonight.span?.to),
      doable: tonight.doable,
      waiting: tonight.waiting.map((w) => w.step),
    },
  };
}
