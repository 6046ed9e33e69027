import { Matrix, SingularValueDecomposition } from 'ml-matrix';

/** Play that was read at places along a rack. */
export interface PlayAt {
  readonly x: number;
  readonly play: number;
}

/** What the play of a mesh is made of: one reading by itself does not tell them apart. */
export interface MeshFound {
  /** Play in the middle of the places. */
  readonly mean: number;
  /** How it grows along the rack: the rack is not parallel to the rail. */
  readonly slope: number;
  /** Amplitude once in a pinion's turn, and where along the turn it is largest, m: the pinion runs out. */
  readonly wave: number;
  readonly crest: number;
  /** Where the tightest mesh is, by line and wave. */
  readonly tightest: number;
  /** What line and wave leave, in the order of the places; a jump of it is a joint. */
  readonly left: readonly number[];
}

/** Needed for line and wave: two for the line, two for the wave, one to spare. */
const LEAST = 5;

/**
 * Line and wave of the play along a rack, by least squares.
 * @param turn way of one pinion turn, m.
 * @throws RangeError with fewer than five places, or where they do not tell line and wave apart.
 */
export function meshOf(places: readonly PlayAt[], turn: number): MeshFound {
  if (places.length < LEAST) throw new RangeError('line and wave want five places at least');
  const mid = places.reduce((s, p) => s + p.x, 0) / places.length;
  const angle = (x: number) => (2 * Math.PI * x) / turn;
  const rows = places.map(({ x }) => [1, x - mid, Math.cos(angle(x)), Math.sin(angle(x))]);
  const svd = new SingularValueDecomposition(new Matrix(rows));
  if (svd.rank < 4 || svd.condition > 1e6)
    throw new RangeError('these places do not tell a wave from a line');
  const [mean, slope, c, s] = svd.solve(Matrix.columnVector(places.map((p) => p.play))).to1DArray() as [
    number,
    number,
    number,
    number,
  ];
  const fit = (x: number) => mean + slope * (x - mid) + c * Math.cos(angle(x)) + s * Math.sin(angle(x));
  const fitted = places.map((p) => fit(p.x));
  const crest = (Math.atan2(s, c) * turn) / (2 * Math.PI);
  return {
    mean,
    slope,
    wave: Math.hypot(c, s),
    crest: crest < 0 ? crest + turn : crest,
    tightest: places[fitted.indexOf(Math.min(...fitted))]!.x,
    left: places.map((p, i) => p.play - fitted[i]!),
  };
}
