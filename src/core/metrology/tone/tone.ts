import FFT from 'fft.js';

/** A tone out of a recording. */
export interface Tone {
  /** Hz, with half of its 95 % interval. */
  readonly frequency: number;
  readonly expanded: number;
  /** How far it stands out of all that is heard in its band, as a ratio of amplitudes. */
  readonly prominence: number;
  /** Share of critical damping by how it dies away; null where it does not. */
  readonly damping: number | null;
}

export interface ToneBand {
  /** Hz */
  readonly low: number;
  readonly high: number;
}

/** Lines of a spectrum are this much closer than the length of the recording gives: zeros behind it. */
const PADDED = 2;

/** Samples under a Hann window, zeros behind them up to a power of two. */
function windowed(samples: ArrayLike<number>, size: number): Float64Array {
  const out = new Float64Array(size);
  const n = samples.length;
  let mean = 0;
  for (let i = 0; i < n; i++) mean += samples[i]! / n;
  for (let i = 0; i < n; i++)
    out[i] = (samples[i]! - mean) * 0.5 * (1 - Math.cos((2 * Math.PI * i) / (n - 1)));
  return out;
}

const powerOver = (n: number) => 2 ** Math.ceil(Math.log2(n));

/** Amplitudes of the lines of a spectrum. */
function spectrum(samples: ArrayLike<number>): Float64Array {
  const size = powerOver(samples.length * PADDED);
  const fft = new FFT(size);
  const out = fft.createComplexArray();
  fft.realTransform(out, windowed(samples, size));
  return Float64Array.from({ length: size / 2 }, (_, k) => Math.hypot(out[2 * k]!, out[2 * k + 1]!));
}

/** Between lines: the top of a parabola through the logarithms of three of them, in lines. */
function topOf(lines: Float64Array, k: number): number {
  const [a, b, c] = [lines[k - 1]!, lines[k]!, lines[k + 1]!].map((v) => Math.log(v + 1e-300)) as [
    number,
    number,
    number,
  ];
  const bend = a - 2 * b + c;
  return bend === 0 ? k : k + (a - c) / (2 * bend);
}

const medianOf = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Amplitude at a frequency over a part of the recording: its sum with a turning pointer (Goertzel). */
function amplitudeAt(samples: ArrayLike<number>, from: number, to: number, turn: number): number {
  let [re, im] = [0, 0];
  for (let i = from; i < to; i++) {
    re += samples[i]! * Math.cos(turn * i);
    im += samples[i]! * Math.sin(turn * i);
  }
  return Math.hypot(re, im) / (to - from);
}

const PARTS = 8;

/** How fast a tone dies away, as a share of critical damping: a line through the logarithms of its parts. */
function dampingOf(samples: ArrayLike<number>, rate: number, frequency: number): number | null {
  const part = Math.floor(samples.length / PARTS);
  if (part * frequency < 3 * rate) return null;
  const logs = Array.from({ length: PARTS }, (_, p) =>
    Math.log(amplitudeAt(samples, p * part, (p + 1) * part, (2 * Math.PI * frequency) / rate) + 1e-300),
  );
  // Only while it falls: behind that there is nothing but the room.
  const end = logs.findIndex((v, i) => i > 0 && v > logs[i - 1]! - 0.02);
  const used = end < 0 ? logs : logs.slice(0, end);
  if (used.length < 3) return null;
  const seconds = part / rate;
  const mean = (used.length - 1) / 2;
  const slope =
    used.reduce((s, v, i) => s + v * (i - mean), 0) / used.reduce((s, _, i) => s + (i - mean) ** 2, 0);
  return -slope / seconds / (2 * Math.PI * frequency);
}

/** A tone must stand out of its band by so much; less is noise. */
export const CLEAR = 8;

/**
 * The strongest tone of a recording within a band. Its fundamental is taken where the line at half or a third
 * of it is nearly as strong.
 * @param samples evenly taken. @param rate samples a second; what is above half of it folds back.
 * @returns null where nothing stands out, or the recording is shorter than ten periods of the lowest tone.
 */
export function toneOf(samples: ArrayLike<number>, rate: number, band: ToneBand): Tone | null {
  if (samples.length < (10 * rate) / band.low || band.high >= rate / 2) return null;
  const lines = spectrum(samples);
  const perLine = rate / (2 * lines.length);
  const [first, last] = [Math.max(1, Math.floor(band.low / perLine)), Math.ceil(band.high / perLine)];
  let top = first;
  for (let k = first; k <= Math.min(last, lines.length - 2); k++) if (lines[k]! > lines[top]!) top = k;
  const around = Array.from(lines.slice(first, last + 1));
  const floor = medianOf(around);
  const prominence = lines[top]! / (floor + 1e-300);
  if (!(prominence > CLEAR) || lines[top]! === 0) return null;
  const frequency = topOf(lines, fundamental(lines, top, first, perLine, samples.length / rate)) * perLine;
  return {
    frequency,
    // A tenth of what the recording’s length can tell apart.
    expanded: Math.max(0.1 * (rate / samples.length), 1e-4 * frequency),
    prominence,
    damping: dampingOf(samples, rate, frequency),
  };
}

/** Half or a third of the strongest line, where that is nearly as strong: an overtone was the louder one. */
function fundamental(
  lines: Float64Array,
  top: number,
  first: number,
  perLine: number,
  seconds: number,
): number {
  const reach = Math.ceil(1 / seconds / perLine);
  for (const part of [3, 2]) {
    const at = Math.round(top / part);
    if (at - reach < first) continue;
    let best = at;
    for (let k = at - reach; k <= at + reach; k++) if (lines[k]! > lines[best]!) best = k;
    if (
      lines[best]! > 0.3 * lines[top]! &&
      lines[best]! > lines[best - 1]! &&
      lines[best]! > lines[best + 1]!
    )
      return best;
  }
  return top;
}
