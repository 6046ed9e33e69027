import { normalQuantile } from '@/core/numerics';
import type { DoubtInput } from './inputs';

/** Two rounds of multiplying and shifting: every bit of the input moves every bit of the output. */
function mixed(value: number): number {
  let x = value | 0;
  x = Math.imul(x ^ (x >>> 16), 0x7feb352d);
  x = Math.imul(x ^ (x >>> 15), 0x846ca68b);
  return (x ^ (x >>> 16)) >>> 0;
}

/** The stream of a name under a seed (FNV-1a, then mixed). */
export function streamOf(seed: number, name: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < name.length; i++) hash = Math.imul(hash ^ name.charCodeAt(i), 0x01000193);
  return mixed(hash ^ mixed(seed));
}

/** A number of a stream for a draw, from 0 up to 1. */
const evenly = (stream: number, draw: number) => mixed(stream ^ Math.imul(draw + 1, 0x9e3779b1)) / 2 ** 32;

/** Rounds of the cipher below. */
const ROUNDS = 4;

/**
 * The layers of draws: of so many equal layers of chance every draw of a stream has its own, in an order that
 * only the stream decides. A small cipher (Luby and Rackoff, 1988) over as many bits as are needed, walked
 * until it lands inside.
 * @returns the layer of a draw of a stream, 0 and more, below `of`.
 */
export function layersOf(of: number): (stream: number, draw: number) => number {
  const half = Math.max(1, Math.ceil(Math.log2(Math.max(2, of)) / 2));
  const mask = (1 << half) - 1;
  return (stream, draw) => {
    let at = draw;
    do {
      let left = at >>> half;
      let right = at & mask;
      for (let round = 1; round <= ROUNDS; round++) {
        let x = Math.imul(right ^ stream, 0x9e3779b1) + Math.imul(round, 0x85ebca6b);
        x = Math.imul(x ^ (x >>> 15), 0x2c1b3c6d);
        const next = (left ^ x ^ (x >>> 16)) & mask;
        left = right;
        right = next;
      }
      at = (left << half) | right;
    } while (at >= of);
    return at;
  };
}

/** Nothing lies so near to either end. */
const EDGE = 1e-12;

/** Numbers of the normal distribution out of streams, one from every layer. */
export function deviatesOf(of: number): (stream: number, draw: number) => number {
  const layer = layersOf(of);
  return (stream, draw) => {
    const share = (layer(stream, draw) + evenly(stream, draw)) / of;
    return normalQuantile(Math.min(1 - EDGE, Math.max(EDGE, share)));
  };
}

/** Standard deviations in the half-width of a 95 % interval of a normal distribution. */
export const TO_95 = 1.959964;

/** The value of an input so many standard deviations from its middle. */
export function valueAt(input: DoubtInput, z: number): number {
  const s = input.half / TO_95;
  const value = input.positive ? input.value * Math.exp((s * z) / input.value) : input.value + s * z;
  return Math.min(input.most, Math.max(input.least, value));
}

/** Draws of all inputs: the same seed gives the same, and an input more moves no other. */
export interface Streams {
  /** Standard deviations of every input from its middle, in their order. @param into room for them. */
  readonly fill: (draw: number, into: Float64Array) => void;
}

/**
 * @param of how many draws there are in all: each input takes one from each of so many layers.
 * @param nameOf inputs of one name take the same numbers; left out: those of one path.
 */
export function streamsOf(
  inputs: readonly DoubtInput[],
  seed: number,
  of: number,
  nameOf: (input: DoubtInput) => string = ({ path }) => path,
): Streams {
  const own = Uint32Array.from(inputs, (input) => streamOf(seed, nameOf(input)));
  const names = [...new Set(inputs.flatMap(({ group }) => (group ? [group.id] : [])))];
  const shared = Uint32Array.from(names, (id) => streamOf(seed, `group ${id}`));
  const groups = Int32Array.from(inputs, ({ group }) => (group ? names.indexOf(group.id) : -1));
  const tied = Float64Array.from(inputs, ({ group }) => group?.tied ?? 0);
  const common = new Float64Array(names.length);
  const deviate = deviatesOf(of);
  return {
    fill(draw, into) {
      for (let g = 0; g < common.length; g++) common[g] = deviate(shared[g]!, draw);
      for (let i = 0; i < own.length; i++) {
        const r = tied[i]!;
        const alone = r < 1 ? deviate(own[i]!, draw) : 0;
        into[i] = r > 0 ? Math.sqrt(r) * common[groups[i]!]! + Math.sqrt(1 - r) * alone : alone;
      }
    },
  };
}
