import { grid, table } from '../table';

/**
 * Rolled ball screws with a single nut. Leads of 10 mm and more on 25 mm and thicker screws run on larger
 * balls (4.8 and 6.4 mm instead of 3.2 mm): deeper grooves, twice the rating.
 */
export const ballScrewRows = grid(`
nominal | root | lead | dynamic | static | stiffness | basis
12      | 9.9  | 4    | 4       | 6.5    | 90        | typical, from memory
12      | 9.9  | 5    | 4       | 6.5    | 90        | typical, from memory
12      | 9.9  | 10   | 3.6     | 5.5    | 80        | typical, from memory
16      | 13.5 | 4    | 7.5     | 13     | 160       | typical, from memory
16      | 13.5 | 5    | 7.5     | 13     | 160       | typical, from memory
16      | 13.5 | 10   | 7.2     | 12.5   | 160       | typical, from memory
16      | 13.5 | 16   | 5.5     | 8.8    | 100       | typical, from memory
16      | 13.5 | 20   | 5       | 8      | 90        | typical, from memory
20      | 17.1 | 5    | 8.6     | 17     | 190       | typical, from memory
20      | 17.1 | 10   | 8.2     | 16     | 180       | typical, from memory
20      | 17.1 | 20   | 6.2     | 11.5   | 110       | typical, from memory
25      | 22.1 | 5    | 9.5     | 22     | 240       | typical, from memory
25      | 20.9 | 10   | 19      | 38     | 260       | typical, from memory
25      | 22.1 | 20   | 7.4     | 15.5   | 140       | typical, from memory
25      | 22.1 | 25   | 7       | 14.5   | 130       | typical, from memory
32      | 28.7 | 5    | 10.6    | 28     | 300       | typical, from memory
32      | 26.9 | 10   | 33      | 70     | 320       | typical, from memory
32      | 28.2 | 20   | 15.5    | 36     | 210       | typical, from memory
32      | 28.2 | 32   | 13      | 29     | 180       | typical, from memory
40      | 36.7 | 5    | 11.8    | 35     | 360       | typical, from memory
40      | 34.9 | 10   | 38      | 92     | 390       | typical, from memory
40      | 34.9 | 20   | 30      | 70     | 300       | typical, from memory
40      | 34.9 | 40   | 20      | 46     | 230       | typical, from memory
`);

/** Nuts of sliding screws, and how greased thread of each rubs on steel. */
export const slidingNuts = table(
  'drive.thread',
  `
id               | name                                   | price | nut         | nutMaterial | nutLength | friction | preload | basis
bronze-12        | Bronze nut, 12 mm of thread            | 9     | plain       | bronze      | 12 mm     | 0.12     | 0 N     | typical, from memory
bronze-20        | Bronze nut with flange, 20 mm          | 14    | plain       | bronze      | 20 mm     | 0.12     | 0 N     | typical, from memory
bronze-32        | Bronze nut with flange, 32 mm          | 22    | plain       | bronze      | 32 mm     | 0.12     | 0 N     | typical, from memory
bronze-50        | Bronze block nut, 50 mm                | 38    | plain       | bronze      | 50 mm     | 0.12     | 0 N     | typical, from memory
plastic-15       | Acetal nut, 15 mm                      | 5     | plain       | plastic     | 15 mm     | 0.1      | 0 N     | typical, from memory
plastic-25       | Acetal block nut, 25 mm                | 9     | plain       | plastic     | 25 mm     | 0.1      | 0 N     | typical, from memory
plastic-spring   | Acetal nut in halves, spring of 60 N   | 12    | compensated | plastic     | 12 mm     | 0.1      | 60 N    | typical, from memory
plastic-spring-2 | Acetal nut in halves, spring of 150 N  | 19    | compensated | plastic     | 20 mm     | 0.1      | 150 N   | typical, from memory
printed-20       | Printed nut, 20 mm                     | 1     | plain       | printed     | 20 mm     | 0.2      | 0 N     | common practice, no source
printed-40       | Printed nut, 40 mm                     | 2     | plain       | printed     | 40 mm     | 0.2      | 0 N     | common practice, no source
printed-spring   | Printed nut in halves, spring of 40 N  | 2     | compensated | printed     | 20 mm     | 0.2      | 40 N    | common practice, no source
`,
);
