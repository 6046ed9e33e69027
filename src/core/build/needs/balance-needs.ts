import { spindleBelt } from '@/core/machine';
import type { Axis, Project } from '@/core/model';
import { type Need, need, restingOn } from './need';

/** What holds an axis up: weights with what they hang on, gas springs. */
export function balanceNeeds({ axis }: { readonly axis: Axis }): readonly Need[] {
  const owner = axis.id;
  return axis.loads.balance.flatMap((part) => {
    const { id, name, count } = part;
    if (part.kind === 'gas-spring') {
      const { force, stroke } = part;
      const params = { name, force: force.si, stroke: stroke.si };
      return restingOn(
        [force, stroke, count],
        [
          need({ kind: 'gas-spring', owner, quantity: count.si, params }, id),
          need(
            { kind: 'gas-spring-mount', owner, quantity: 2 * count.si, params: { name }, origin: 'usual' },
            id,
          ),
        ],
      );
    }
    const { mass, roping } = part;
    const quantity = count.si;
    return restingOn(
      [mass, count],
      [
        need({ kind: 'counterweight', owner, quantity, params: { name, mass: mass.si }, mass: mass.si }, id),
        need(
          { kind: 'weight-rope', owner, quantity, params: { name, roping: roping.si }, origin: 'usual' },
          id,
        ),
        // The rope goes up from the carriage and comes down beside it.
        need({ kind: 'sheave', owner, quantity: 2 * quantity, params: { name }, origin: 'usual' }, id),
        // What falls when a rope parts must fall where nobody is.
        need({ kind: 'weight-guard', owner, quantity, params: { name }, origin: 'usual' }, id),
      ],
    );
  });
}

/** Belt, pulleys and guard of a spindle that is turned through a belt. */
export function spindleNeeds({ brief }: Pick<Project, 'brief'>): readonly Need[] {
  const belt = brief.spindle?.belt;
  const report = spindleBelt(brief);
  if (!belt || !report) return [];
  const { kind, motorPulley, spindlePulley, centre, beltLength } = belt;
  const pulley = (of: 'motor' | 'spindle', diameter: number) =>
    need({ kind: 'spindle-pulley', params: { belt: kind, of, diameter } }, of);
  return restingOn(
    [motorPulley, spindlePulley, beltLength ?? centre],
    [
      need({ kind: 'spindle-belt', params: { belt: kind, length: beltLength?.si ?? report.length } }),
      pulley('motor', motorPulley.si),
      pulley('spindle', spindlePulley.si),
      need({ kind: 'spindle-guard', origin: 'usual' }),
    ],
  );
}
