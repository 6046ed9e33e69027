/** One stretch of time of a job. */
export interface Moment {
  /** Way in it, m, and time in which something moved, s. */
  way: number;
  moving: number;
  /** Highest share of the torque that may be asked, and where it was. */
  share: number;
  line: number;
  /** Thickest chip of a tooth, m; 0: none is taken. */
  chip: number;
}

/** A job over its time: as many moments of one length as can be drawn. */
export interface Series {
  /** Length of a moment, s. */
  readonly width: number;
  readonly moments: readonly Moment[];
}

const MOST = 800;
const FIRST = 0.05;
const empty = (): Moment => ({ way: 0, moving: 0, share: 0, line: 0, chip: 0 });

/** Takes moves in their order; when there are too many moments, each two become one. */
export class SeriesTally {
  private width = FIRST;
  private moments: Moment[] = [];
  private at = 0;

  /** Time goes on. @param way m in it; 0: it stands. @param chip of a tooth, m. */
  add(time: number, way: number, share: number, line: number, chip = 0): void {
    const end = this.at + time;
    while (end > this.width * MOST) this.halved();
    const speed = time > 0 ? way / time : 0;
    let from = this.at;
    for (let k = Math.floor(from / this.width); from < end; k++) {
      const to = Math.min(end, (k + 1) * this.width);
      while (this.moments.length <= k) this.moments.push(empty());
      const moment = this.moments[k]!;
      moment.way += speed * (to - from);
      if (way > 0) moment.moving += to - from;
      if (chip > moment.chip) moment.chip = chip;
      if (share > moment.share) {
        moment.share = share;
        moment.line = line;
      }
      if (to <= from) break;
      from = to;
    }
    this.at = end;
  }

  private halved(): void {
    const pairs: Moment[] = [];
    for (let i = 0; i < this.moments.length; i += 2) {
      const [a, b = empty()] = [this.moments[i]!, this.moments[i + 1]];
      const worse = b.share > a.share ? b : a;
      pairs.push({
        way: a.way + b.way,
        moving: a.moving + b.moving,
        share: worse.share,
        line: worse.line,
        chip: Math.max(a.chip, b.chip),
      });
    }
    this.moments = pairs;
    this.width *= 2;
  }

  done(): Series {
    return { width: this.width, moments: this.moments };
  }
}
