import { arcPlace, type Act, type Motion, type Place, quadrantsOf, type ReadTold } from '@/core/gcode';
import { THIN_MARGIN } from '@/core/findings';
import { AxisTally } from './axis-tally';
import { bentWay } from './bent';
import type { JobCut } from './cutting';
import { CuttingTally } from './cutting-tally';
import { type JobDrives, jobLetters, limitsOf } from './drives';
import { againstAxes, axisLoad, type AxisLoad, type Engaged, engagedOf, noLoad, worstAxis } from './load';
import { PaceTally } from './pace-tally';
import { PreviewTally, type PathClass } from './preview';
import type { Profile } from './profile';
import type { JobReport, TimeKind } from './report';
import { SeriesTally } from './series';
import type { JobSetup } from './setup';
import { SlowerLines } from './slower';
import { StockLeft } from './stock-left';
import type { Stretch } from './stretch';
import { WorstLines } from './worst-lines';

const zeros = (): Record<TimeKind, number> => ({ cutting: 0, air: 0, rapid: 0, dwell: 0, change: 0 });

/** Gathers the answers of a job, move by move: its memory does not grow with the file. */
export class JobTally {
  private readonly times = zeros();
  private readonly ways = zeros();
  private readonly axes: readonly (AxisTally | null)[];
  private readonly loads: readonly AxisLoad[] = [noLoad(), noLoad(), noLoad()];
  private readonly left: StockLeft | null;
  private readonly worst: WorstLines;
  /** Lines that want a lower feed. */
  readonly slower: SlowerLines;
  private readonly series = new SeriesTally();
  private readonly preview = new PreviewTally();
  private readonly lacking: Record<string, number> = {};
  private readonly low: [number, number, number] = [Infinity, Infinity, Infinity];
  private readonly high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  private readonly counts = { moves: 0, arcs: 0, stops: 0, changes: 0, starts: 0 };
  private readonly inStock: CuttingTally;
  private readonly pace: PaceTally;
  private now = 0;
  private tool = 0;
  /** In the order in which they are used. */
  private readonly tools = new Set<number>();
  private readonly speeds: Place;

  constructor(
    private readonly drives: JobDrives,
    private readonly setup: JobSetup,
    /** Cuts by their id. */
    private readonly cuts: ReadonlyMap<string, JobCut>,
  ) {
    this.axes = drives.map((d, i) => (d ? new AxisTally(d, i as 0 | 1 | 2) : null));
    this.left = setup.stock && new StockLeft(setup.stock);
    this.speeds = limitsOf(drives).speed;
    this.inStock = new CuttingTally(this.left);
    this.pace = new PaceTally(setup.planning);
    this.worst = new WorstLines(drives);
    this.slower = new SlowerLines(drives);
  }

  private cut(): JobCut | null {
    const { tools, cutId } = this.setup;
    const id = tools.get(this.tool) ?? cutId;
    return (id !== null ? this.cuts.get(id) : undefined) ?? null;
  }

  /** A move that is planned. */
  moved(stretch: Stretch, profile: Profile): void {
    const { motion } = stretch;
    const { line, length } = motion;
    const cut = this.cut();
    const bent = motion.rapid && this.setup.planning.bent ? bentWay(motion, this.speeds) : null;
    const engaged = bent ? this.deepest(bent, cut) : engagedOf(motion, cut, this.left);
    const against = againstAxes(stretch, engaged, cut, profile.most);
    this.counts.moves += 1;
    if (motion.arc) this.counts.arcs += 1;
    this.drives.forEach((drive, i) => {
      const axis = i as 0 | 1 | 2;
      if (!drive) this.lacks(motion, axis);
      else {
        axisLoad(drive, axis, stretch, profile, against[axis], this.loads[i]!);
        this.axes[i]!.note(stretch, profile, this.loads[i]!, against[axis]);
      }
    });
    const busiest = worstAxis(this.drives, this.loads);
    const share = busiest < 0 ? 0 : this.loads[busiest]!.share;
    if (busiest >= 0) {
      const kept = () => ({ stretch, profile, engaged, cut });
      this.worst.note(busiest, this.loads[busiest]!, kept);
      this.slower.note(this.loads[busiest]!, kept);
    }
    this.boxed(motion);
    const kind: TimeKind = motion.rapid ? 'rapid' : engaged.depth > 0 ? 'cutting' : 'air';
    const chip = engaged.depth > 0 ? this.inStock.cut(stretch, profile, engaged, cut!) : 0;
    if (engaged.depth === 0) for (const piece of bent ?? [motion]) this.inStock.over(piece);
    this.pace.note(profile.time, line);
    this.times[kind] += profile.time;
    this.ways[kind] += length;
    this.series.add(profile.time, length, share, line, chip);
    if (!motion.rapid) this.tools.add(this.tool);
    this.drawn(bent, motion, classOf(kind, share), profile.time);
  }

  /** The deepest of the pieces of a move. */
  private deepest(pieces: readonly Motion[], cut: JobCut | null): Engaged {
    const all = pieces.map((piece) => engagedOf(piece, cut, this.left));
    return all.reduce((a, b) => (b.depth > a.depth ? b : a));
  }

  private drawn(bent: readonly Motion[] | null, motion: Motion, kind: PathClass, time: number): void {
    if (!bent) this.preview.add(motion, kind, this.now, time);
    else {
      const way = bent.reduce((sum, piece) => sum + piece.length, 0);
      let at = this.now;
      for (const piece of bent) {
        this.preview.add(piece, kind, at, (time * piece.length) / way);
        at += (time * piece.length) / way;
      }
    }
    this.now += time;
  }

  private lacks({ from, to }: Motion, axis: 0 | 1 | 2): void {
    if (from[axis] === to[axis]) return;
    const letter = jobLetters[axis];
    this.lacking[letter] = (this.lacking[letter] ?? 0) + 1;
  }

  private boxed(motion: Motion): void {
    const { from, to, arc } = motion;
    const note = (p: Place) => {
      for (const i of [0, 1, 2] as const) {
        if (p[i] < this.low[i]) this.low[i] = p[i];
        if (p[i] > this.high[i]) this.high[i] = p[i];
      }
    };
    note(from);
    note(to);
    if (arc) for (const s of quadrantsOf(arc)) note(arcPlace(motion, arc, s));
  }

  acted(act: Act): void {
    switch (act.does) {
      case 'dwell':
        return this.stood('dwell', act.time, act.line);
      case 'tool':
        this.tool = act.tool;
        this.counts.changes += 1;
        return this.stood('change', act.time, act.line);
      case 'spindle':
        if (act.on) this.counts.starts += 1;
        return;
      case 'stop':
        if (!act.end) this.counts.stops += 1;
    }
  }

  private stood(kind: TimeKind, time: number, line: number): void {
    this.times[kind] += time;
    this.now += time;
    this.series.add(time, 0, 0, line);
    this.pace.stood();
    for (const axis of this.axes) axis?.stood(time);
  }

  done(read: ReadTold): JobReport {
    const { times, ways, counts, low, high, now, setup } = this;
    const pace = this.pace.done();
    return {
      read,
      times,
      ways,
      time: now,
      moves: counts.moves,
      arcs: counts.arcs,
      stops: counts.stops,
      changes: counts.changes,
      starts: counts.starts,
      tools: [...this.tools],
      box: counts.moves ? { low, high } : null,
      axes: this.axes.map((a) => a?.done(now) ?? null),
      lacking: this.lacking,
      worst: this.worst.done(),
      ...this.inStock.done(),
      pace: { value: pace.value / setup.planning.pace, line: pace.line },
      series: this.series.done(),
      preview: this.preview.done(),
    };
  }
}

/** How a move is drawn: by what it does, and by the torque that is left. */
function classOf(kind: TimeKind, share: number): PathClass {
  if (share > 1) return 'gives-out';
  if (share * THIN_MARGIN > 1) return 'thin';
  return kind === 'cutting' ? 'holds' : kind === 'rapid' ? 'rapid' : 'air';
}
