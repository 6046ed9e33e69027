import { arcPlace, type Motion, type Place } from '@/core/gcode';

/** What a stretch of the path is drawn as. */
export const pathClasses = ['rapid', 'air', 'holds', 'thin', 'gives-out'] as const;
export type PathClass = (typeof pathClasses)[number];

/** The path as it is drawn: corners, and of each stretch that ends there its class, line and time. */
export interface Preview {
  /** X, Y, Z of each corner, m. */
  readonly places: Float32Array;
  /** Place in `pathClasses` of the stretch that ends in it. */
  readonly classes: Uint8Array;
  readonly lines: Uint32Array;
  /** When it is reached, s. */
  readonly times: Float32Array;
  /** No corner that was left out lies farther from what is drawn, m. */
  readonly off: number;
}

interface Corner {
  readonly place: Place;
  readonly kind: number;
  readonly line: number;
  readonly time: number;
}

const MOST = 50_000;
/** What is left out at first, m. */
const FINEST = 5e-6;
/** Corners that are held against one chord. */
const MOST_SKIPPED = 48;

/** How far a place lies from the chord between two others, m. */
function offChord(place: Place, from: Place, to: Place): number {
  const way = [to[0] - from[0], to[1] - from[1], to[2] - from[2]] as const;
  const out = [place[0] - from[0], place[1] - from[1], place[2] - from[2]] as const;
  const square = way[0] ** 2 + way[1] ** 2 + way[2] ** 2;
  const along = square > 0 ? (out[0] * way[0] + out[1] * way[1] + out[2] * way[2]) / square : 0;
  const share = Math.min(1, Math.max(0, along));
  return Math.hypot(out[0] - share * way[0], out[1] - share * way[1], out[2] - share * way[2]);
}

/** Leaves out corners that lie on the chord of those about them. */
class Chain {
  readonly kept: Corner[] = [];
  private skipped: Corner[] = [];

  constructor(private readonly off: number) {}

  add(corner: Corner): void {
    const { kept, skipped, off } = this;
    const anchor = kept[kept.length - 1];
    const last = skipped[skipped.length - 1];
    const goesOn =
      anchor !== undefined &&
      last !== undefined &&
      last.kind === corner.kind &&
      skipped.length < MOST_SKIPPED &&
      skipped.every(({ place }) => offChord(place, anchor.place, corner.place) <= off);
    if (!goesOn && last) {
      kept.push(last);
      this.skipped = [];
    }
    if (anchor === undefined && last === undefined) kept.push(corner);
    else this.skipped.push(corner);
  }

  end(): readonly Corner[] {
    const last = this.skipped.pop();
    if (last) this.kept.push(last);
    this.skipped = [];
    return this.kept;
  }
}

/** Takes the path as it comes and keeps what can be drawn: finer where there is room, coarser where not. */
export class PreviewTally {
  private off = FINEST;
  private chain = new Chain(FINEST);
  private begun = false;

  add(motion: Motion, kind: PathClass, time: number, takes: number): void {
    const { arc, line, from, to } = motion;
    const at = pathClasses.indexOf(kind);
    if (!this.begun) this.chain.add({ place: from, kind: at, line, time });
    this.begun = true;
    if (arc) {
      const r = Math.max(arc.radius, arc.last);
      const chord = 2 * Math.acos(Math.max(0, 1 - this.off / r)) || 1;
      const pieces = Math.min(256, Math.max(8, Math.ceil(Math.abs(arc.sweep) / chord)));
      for (let i = 1; i < pieces; i++) {
        const share = i / pieces;
        this.chain.add({ place: arcPlace(motion, arc, share), kind: at, line, time: time + takes * share });
      }
    }
    this.chain.add({ place: to, kind: at, line, time: time + takes });
    while (this.chain.kept.length > MOST) this.coarser();
  }

  private coarser(): void {
    this.off *= 2;
    const before = this.chain.end();
    this.chain = new Chain(this.off);
    for (const corner of before) this.chain.add(corner);
  }

  done(): Preview {
    const corners = this.chain.end();
    return {
      places: Float32Array.from(corners.flatMap((c) => c.place)),
      classes: Uint8Array.from(corners, (c) => c.kind),
      lines: Uint32Array.from(corners, (c) => c.line),
      times: Float32Array.from(corners, (c) => c.time),
      off: this.off,
    };
  }
}
