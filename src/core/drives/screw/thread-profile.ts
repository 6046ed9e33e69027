import { simpson } from '@/core/numerics';
import { halfFlankAngle, type ScrewDrive } from '@/core/model';

/** Mean of the n-th power of the diameter over one pitch. */
export interface ProfileMeans {
  /** mean of d², m² */
  readonly square: number;
  /** mean of d⁴, m⁴ */
  readonly fourth: number;
}

interface Profile {
  readonly nominal: number;
  readonly root: number;
  readonly pitch: number;
}

/** Means over a straight flank from root to nominal, a share `flank` of the pitch, with flats beside it. */
function trapezoidMeans(
  { nominal: b, root: a }: Profile,
  rootShare: number,
  crestShare: number,
): ProfileMeans {
  const flank = 1 - rootShare - crestShare;
  const square = (a * a + a * b + b * b) / 3;
  const fourth = (a ** 4 + a ** 3 * b + a * a * b * b + a * b ** 3 + b ** 4) / 5;
  return {
    square: rootShare * a * a + crestShare * b * b + flank * square,
    fourth: rootShare * a ** 4 + crestShare * b ** 4 + flank * fourth,
  };
}

/**
 * Trapezoidal and Acme: flanks at the half flank angle, root and crest flats share the rest of the pitch
 * equally at mid-height.
 */
export function slidingProfileMeans(profile: Profile, halfFlank: number): ProfileMeans {
  const depth = (profile.nominal - profile.root) / 2;
  const flankWidth = Math.min(profile.pitch, 2 * depth * Math.tan(halfFlank));
  // At the pitch line (P/4 below the crest) ridge and groove are each half a pitch wide.
  const crest = Math.max(0, profile.pitch / 2 - 2 * (profile.pitch / 4) * Math.tan(halfFlank));
  const root = Math.max(0, profile.pitch - flankWidth - crest);
  return trapezoidMeans(profile, root / profile.pitch, Math.min(1, crest / profile.pitch));
}

/**
 * Ball screws: a circular groove. The ball is taken as 1.2 times the difference of nominal and root diameter
 * and the groove radius as 0.52 of the ball (usual proportions, memory); where the groove would be wider than
 * nine tenths of the pitch it is cut there.
 */
export function ballProfileMeans(profile: Profile): ProfileMeans {
  const { nominal, root, pitch } = profile;
  const radius = 0.52 * 1.2 * (nominal - root);
  const centre = root / 2 + radius;
  const depth = (nominal - root) / 2;
  const halfWidth = Math.min(0.45 * pitch, Math.sqrt(Math.max(0, radius * radius - (radius - depth) ** 2)));
  const diameter = (x: number) =>
    Math.min(nominal, 2 * (centre - Math.sqrt(Math.max(0, radius * radius - x * x))));
  const land = 1 - (2 * halfWidth) / pitch;
  const squared = (x: number) => diameter(x) * diameter(x);
  const groove = (f: (x: number) => number) => (2 / pitch) * simpson(f, 0, halfWidth, 8);
  return {
    square: land * nominal ** 2 + groove(squared),
    fourth: land * nominal ** 4 + groove((x) => squared(x) * squared(x)),
  };
}

/** Means of the screw of a drive. */
export function profileMeans(drive: ScrewDrive): ProfileMeans {
  const profile = {
    nominal: drive.nominalDiameter.si,
    root: drive.rootDiameter.si,
    pitch: drive.lead.si / drive.starts.si,
  };
  return drive.thread.kind === 'ball'
    ? ballProfileMeans(profile)
    : slidingProfileMeans(profile, halfFlankAngle[drive.thread.form]);
}
