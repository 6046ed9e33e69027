import { table } from '../table';

/** End bearings of screws. */
export const endBearings = table(
  'drive',
  `
id             | name                                          | price | thrustBearing   | bearingStiffness | bearingDynamicLoad | bearingStaticLoad | bearingDrag | bearingPlay | basis
fixed-block-10 | Fixed block, angular-contact pair, 10 mm bore | 40    | angular-contact | 80 N/µm          | 7 kN               | 3.35 kN           | 0.02 N·m    | 0 mm        | typical, from memory
deep-groove-10 | Two deep-groove bearings, 10 mm bore          | 10    | deep-groove     | 16 N/µm          | 4.75 kN            | 1.96 kN           | 0.009 N·m   | 0.05 mm     | typical, from memory
fixed-block-12 | Fixed block, angular-contact pair, 12 mm bore | 44    | angular-contact | 88 N/µm          | 7.6 kN             | 3.8 kN            | 0.022 N·m   | 0 mm        | typical, from memory
deep-groove-12 | Two deep-groove bearings, 12 mm bore          | 10.8  | deep-groove     | 17.6 N/µm        | 5.4 kN             | 2.36 kN           | 0.01 N·m    | 0.05 mm     | typical, from memory
fixed-block-15 | Fixed block, angular-contact pair, 15 mm bore | 50    | angular-contact | 100 N/µm         | 8.8 kN             | 4.8 kN            | 0.025 N·m   | 0 mm        | typical, from memory
deep-groove-15 | Two deep-groove bearings, 15 mm bore          | 12    | deep-groove     | 20 N/µm          | 5.85 kN            | 2.85 kN           | 0.0115 N·m  | 0.05 mm     | typical, from memory
fixed-block-17 | Fixed block, angular-contact pair, 17 mm bore | 54    | angular-contact | 108 N/µm         | 11.1 kN            | 6.1 kN            | 0.027 N·m   | 0 mm        | typical, from memory
deep-groove-17 | Two deep-groove bearings, 17 mm bore          | 12.8  | deep-groove     | 21.6 N/µm        | 6.37 kN            | 3.25 kN           | 0.0125 N·m  | 0.05 mm     | typical, from memory
fixed-block-20 | Fixed block, angular-contact pair, 20 mm bore | 60    | angular-contact | 120 N/µm         | 13.3 kN            | 7.65 kN           | 0.03 N·m    | 0 mm        | typical, from memory
deep-groove-20 | Two deep-groove bearings, 20 mm bore          | 14    | deep-groove     | 24 N/µm          | 9.95 kN            | 5 kN              | 0.014 N·m   | 0.05 mm     | typical, from memory
fixed-block-25 | Fixed block, angular-contact pair, 25 mm bore | 70    | angular-contact | 140 N/µm         | 15.6 kN            | 10.2 kN           | 0.035 N·m   | 0 mm        | typical, from memory
deep-groove-25 | Two deep-groove bearings, 25 mm bore          | 16    | deep-groove     | 28 N/µm          | 11.9 kN            | 6.55 kN           | 0.0165 N·m  | 0.05 mm     | typical, from memory
`,
);
