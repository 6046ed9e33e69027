/**
 * A second reader of G-code, written from the report by other means than the first: text, patterns, and arcs
 * as thousands of small steps. It knows lines and arcs in three planes, units and distances, and nothing
 * else.
 */
export interface SecondTold {
  readonly moves: number;
  /** mm. */
  readonly length: number;
  readonly low: readonly number[];
  readonly high: readonly number[];
}

const STEPS = 4000;

interface Modal {
  motion: string;
  plane: string;
  scale: number;
  absolute: boolean;
  at: Record<string, number>;
}

/** Turns a vector about the third axis, step by step. */
function arcLine(modal: Modal, end: Record<string, number>, words: Map<string, number>): number[][] {
  const [a, b, c] = { G17: 'XYZ', G18: 'ZXY', G19: 'YZX' }[modal.plane]!.split('') as [
    string,
    string,
    string,
  ];
  const letter = { X: 'I', Y: 'J', Z: 'K' } as const;
  const off = (axis: string) => (words.get(letter[axis as 'X']) ?? 0) * modal.scale;
  const start = modal.at;
  let [ca, cb] = [start[a]! + off(a), start[b]! + off(b)];
  const r = words.get('R');
  if (r !== undefined) {
    // Both circles through the ends: the one whose arc is short or long, as the sign says.
    const [dx, dy] = [end[a]! - start[a]!, end[b]! - start[b]!];
    const q = Math.hypot(dx, dy);
    const h = Math.sqrt(Math.max(0, (r * modal.scale) ** 2 - (q / 2) ** 2));
    const left = (modal.motion === 'G3') === r > 0;
    ca = (start[a]! + end[a]!) / 2 + ((left ? -1 : 1) * h * dy) / q;
    cb = (start[b]! + end[b]!) / 2 + ((left ? 1 : -1) * h * dx) / q;
  }
  const angle = (p: Record<string, number>) => Math.atan2(p[b]! - cb, p[a]! - ca);
  let turn = angle(end) - angle(start);
  if (modal.motion === 'G3') while (turn <= 1e-9) turn += 2 * Math.PI;
  else while (turn >= -1e-9) turn -= 2 * Math.PI;
  const radius = Math.hypot(start[a]! - ca, start[b]! - cb);
  return Array.from({ length: STEPS }, (_, i) => {
    const share = (i + 1) / STEPS;
    const phi = angle(start) + turn * share;
    const p: Record<string, number> = {
      [a]: ca + radius * Math.cos(phi),
      [b]: cb + radius * Math.sin(phi),
      [c]: start[c]! + (end[c]! - start[c]!) * share,
    };
    return [p.X!, p.Y!, p.Z!];
  });
}

export function secondRead(text: string): SecondTold {
  const modal: Modal = { motion: 'G0', plane: 'G17', scale: 1, absolute: true, at: { X: 0, Y: 0, Z: 0 } };
  let [moves, length] = [0, 0];
  const low = [0, 0, 0];
  const high = [0, 0, 0];
  for (const raw of text.split(/\r?\n/)) {
    const line = raw.replace(/\([^)]*\)|;.*$/g, '').toUpperCase();
    const words = new Map<string, number>();
    for (const [, letter, number] of line.matchAll(/([A-Z])\s*(-?\d*\.?\d*)/g)) {
      const code = `${letter}${Number(number)}`;
      if (/^G[0-3]$/.test(code)) modal.motion = code;
      else if (/^G1[789]$/.test(code)) modal.plane = code;
      else if (code === 'G20' || code === 'G21') modal.scale = code === 'G20' ? 25.4 : 1;
      else if (code === 'G90' || code === 'G91') modal.absolute = code === 'G90';
      else words.set(letter!, Number(number));
    }
    if (!['X', 'Y', 'Z', 'I', 'J', 'K'].some((l) => words.has(l))) continue;
    const end = { ...modal.at };
    for (const l of ['X', 'Y', 'Z'] as const) {
      const v = words.get(l);
      if (v !== undefined) end[l] = modal.absolute ? v * modal.scale : modal.at[l]! + v * modal.scale;
    }
    const isArc = modal.motion === 'G2' || modal.motion === 'G3';
    const path = isArc ? arcLine(modal, end, words) : [[end.X!, end.Y!, end.Z!]];
    let from = [modal.at.X!, modal.at.Y!, modal.at.Z!];
    let way = 0;
    for (const p of path) {
      way += Math.hypot(p[0]! - from[0]!, p[1]! - from[1]!, p[2]! - from[2]!);
      p.forEach((v, i) => {
        low[i] = Math.min(low[i]!, v);
        high[i] = Math.max(high[i]!, v);
      });
      from = p;
    }
    if (way > 0) moves += 1;
    length += way;
    modal.at = end;
  }
  return { moves, length, low, high };
}
