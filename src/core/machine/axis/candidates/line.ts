import { type Axis, holdsBothSides, putInAxis } from '@/core/model';
import { type Candidate, offer, set, steps } from './edits';

/** Racks, belts and sprockets as they are sold, m and teeth. */
const modules = [1, 1.5, 2, 2.5, 3].map((m) => m / 1000);
const faceWidths = [0.015, 0.02, 0.025, 0.03];
const beltWidths = [0.015, 0.02, 0.025, 0.03, 0.05];
const SAME = 1e-9;

/** Share of the load on the busier of two sides, to start from; common practice, no source. */
const BUSIER = 0.7;

/** A motor on each side in place of one; each gets no more than the busier share. */
export const bothSides = ({ drive }: Axis): Candidate[] =>
  holdsBothSides(drive) || drive.kind === 'crank'
    ? []
    : [offer('both-sides', [putInAxis('drive.sets', 2), set('drive.worstShare', BUSIER)])];

/** Stronger teeth: a larger module, a wider face. */
export function strongerTeeth({ drive }: Axis): Candidate[] {
  if (drive.kind !== 'rack') return [];
  const { module, faceWidth } = drive;
  const larger = modules.filter((m) => m > module.si + SAME);
  const wider = faceWidths.filter((b) => b > faceWidth.si);
  return [
    ...steps('module', 'drive.module', larger, 'standard'),
    ...steps('face-width', 'drive.faceWidth', wider),
  ];
}

/**
 * A belt as much wider as is missing, with all that goes with its width. @param lacking what is needed over
 * what is there.
 */
export function widerBelt({ drive }: Axis, lacking: number): Candidate[] {
  if (drive.kind !== 'belt') return [];
  const { width, allowedPull, lineMass } = drive;
  return beltWidths
    .filter((w) => w > width.si + SAME && w < width.si * lacking * 2)
    .map((to) => {
      const f = to / width.si;
      const pull = set('drive.allowedPull', allowedPull.si * f);
      return offer('wider-belt', [set('drive.width', to), pull, set('drive.lineMass', lineMass.si * f)], {
        to,
      });
    });
}

/**
 * Links that lose little, as they are sold: a tight mesh and a belt of fine profile (m), a fine reducer
 * (rad).
 */
const TIGHT_MESH = 0.02e-3;
const FINE_BELT = 0.02e-3;
const FINE_REDUCER = ((3 / 60) * Math.PI) / 180;

/** Ways to lose less at a reversal, link by link; each is offered only where its link is there. */
export function lessPlay({ drive, reducer, coupling }: Axis): Candidate[] {
  const found: Candidate[] = [];
  if (drive.kind === 'rack' && drive.mesh === 'fixed' && drive.meshGap && drive.meshGap.si > TIGHT_MESH)
    found.push(...steps('mesh-gap', 'drive.meshGap', [TIGHT_MESH]));
  if (reducer && reducer.backlash.si > FINE_REDUCER)
    found.push(...steps('finer-reducer', 'reducer.backlash', [FINE_REDUCER]));
  if (coupling.backlash.si > 0)
    found.push(
      offer('no-play-coupling', [putInAxis('coupling.kind', 'bellows'), set('coupling.backlash', 0)]),
    );
  if (drive.kind === 'screw' && drive.play && drive.play.si > 0)
    found.push(...steps('nut-play', 'drive.play', [0]));
  if (
    drive.kind === 'screw' &&
    (drive.bearingPlay?.si ?? (drive.thrustBearing === 'deep-groove' ? 1 : 0)) > 0
  )
    found.push(
      offer('angular-contact', [
        putInAxis('drive.thrustBearing', 'angular-contact'),
        // The play that was typed is that of the old bearings.
        { path: 'drive.bearingPlay', value: null },
      ]),
    );
  if (drive.kind === 'belt' && drive.play && drive.play.si > FINE_BELT)
    found.push(...steps('belt-profile', 'drive.play', [FINE_BELT]));
  return found;
}
