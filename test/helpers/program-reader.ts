import { parseStringSync } from 'gcode-parser';

/** A straight move as another reader sees it, m and m/s. */
export interface ReadMove {
  readonly fast: boolean;
  readonly to: Readonly<Record<string, number>>;
  readonly speed: number;
}

/** Straight moves and ends of arcs of a program, read by a general-purpose reader, SI. */
export function readProgram(text: string): { readonly moves: readonly ReadMove[] } {
  const blocks = parseStringSync(text) as unknown as { words: (readonly [string, number])[] }[];
  let unit = 1e-3;
  const moves: ReadMove[] = [];
  let speed = 0;
  for (const { words } of blocks) {
    const get = (letter: string) => words.find(([l]) => l === letter)?.[1];
    const gs = words.filter(([l]) => l === 'G').map(([, v]) => v);
    if (gs.includes(20)) unit = 0.0254;
    if (gs.includes(21)) unit = 1e-3;
    const feed = get('F');
    if (feed !== undefined) speed = (feed * unit) / 60;
    if (!gs.some((g) => g >= 0 && g <= 3)) continue;
    const to = Object.fromEntries(words.filter(([l]) => 'XYZA'.includes(l)).map(([l, v]) => [l, v * unit]));
    moves.push({ fast: gs.includes(0), to, speed });
  }
  return { moves };
}
