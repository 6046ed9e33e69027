// 200 places of the tool on a 48-element gantry: frame put together, factored and solved. Goal: 15 ms.
import { Bench } from 'tinybench';
import type { MemberProperties } from '@/core/sections';
import { solveGantry, type Six } from '@/core/structure';
import { tell } from './tell';

const beam: MemberProperties = {
  EA: 6e8,
  EIv: 3e5,
  EIl: 2e5,
  GJ: 1.5e5,
  GAv: 4e7,
  GAl: 4e7,
  mass: 14,
  turning: 0.02,
};
const plate: Six = [3e8, 2e7, 4e8, 2e6, 3e6, 2.5e6];
const feet = [2e7, 9e7, 1.5e8, 4e5, 6e5, 5e5];
const carriages = [...feet, ...feet].map((v, i, all) => all.map((_, j) => (i === j ? v : 0)));
const none = carriages.map((r) => r.map(() => 0));
const places = Array.from({ length: 200 }, (_, i) => (1.4 * i) / 199);
const flex = (spacing: number) => {
  const solved = solveGantry(
    {
      kind: 'portal',
      length: 1.4,
      height: 0.3,
      beam,
      spacing,
      column: beam,
      corner: 3e5,
      lift: null,
      prop: null,
      pieces: 48,
    },
    { carriages, beds: [none] },
    { mass: 18, out: 0.08, up: 0, reach: 0.12, drop: 0.25, plate },
    [],
  );
  if (!solved.ok) throw new Error(solved.code);
  return solved.answer.along(0, places);
};

const bench = new Bench({ time: 3000, warmupTime: 1000 });
bench
  .add('gantry flex, 48 elements, 200 places (goal: 15 ms at the median)', () => {
    flex(0);
  })
  .add('the same with two beams', () => {
    flex(0.2);
  });
await bench.run();
tell(bench);
