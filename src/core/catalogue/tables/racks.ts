import { table } from '../table';

/** Racks by module. */
export const racks = table(
  'drive',
  `
id                | name                                          | price | module  | helixAngle | faceWidth | pitchError | yieldStrength | basis
rack-1s-milled    | Rack module 1, spur, milled                   | 23    | 1 mm    | 0°         | 15 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-1.25s-milled | Rack module 1.25, spur, milled                | 25    | 1.25 mm | 0°         | 12 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-1.5s-milled  | Rack module 1.5, spur, milled                 | 28    | 1.5 mm  | 0°         | 17 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-1.5s-ground  | Rack module 1.5, spur, hardened and ground    | 93    | 1.5 mm  | 0°         | 17 mm     | 0.035 mm   | 650 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-1.5h-milled  | Rack module 1.5, helical, milled              | 28    | 1.5 mm  | 19.5283°   | 17 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-1.5h-ground  | Rack module 1.5, helical, hardened and ground | 93    | 1.5 mm  | 19.5283°   | 17 mm     | 0.035 mm   | 650 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-2s-milled    | Rack module 2, spur, milled                   | 32    | 2 mm    | 0°         | 24 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-2s-ground    | Rack module 2, spur, hardened and ground      | 105   | 2 mm    | 0°         | 24 mm     | 0.035 mm   | 650 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-2h-milled    | Rack module 2, helical, milled                | 32    | 2 mm    | 19.5283°   | 24 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-2h-ground    | Rack module 2, helical, hardened and ground   | 105   | 2 mm    | 19.5283°   | 24 mm     | 0.035 mm   | 650 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-2.5s-milled  | Rack module 2.5, spur, milled                 | 37    | 2.5 mm  | 0°         | 25 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-2.5s-ground  | Rack module 2.5, spur, hardened and ground    | 118   | 2.5 mm  | 0°         | 25 mm     | 0.035 mm   | 650 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-3s-milled    | Rack module 3, spur, milled                   | 41    | 3 mm    | 0°         | 29 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-3s-ground    | Rack module 3, spur, hardened and ground      | 130   | 3 mm    | 0°         | 29 mm     | 0.035 mm   | 650 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-3h-milled    | Rack module 3, helical, milled                | 41    | 3 mm    | 19.5283°   | 29 mm     | 0.1 mm     | 350 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
rack-3h-ground    | Rack module 3, helical, hardened and ground   | 130   | 3 mm    | 19.5283°   | 29 mm     | 0.035 mm   | 650 MPa       | ISO 53 and ISO 54 for the teeth; steel and accuracy typical, from memory
`,
  {
    'drive.pressureAngle': '20°',
    'drive.segment': '1000 mm',
  },
);

/** Pinions by module. */
export const pinions = table(
  'drive',
  `
id             | name                                 | price | module | helixAngle | teeth | inertia         | profileShift | basis
pinion-1s-12   | Pinion module 1, 12 teeth            | 15    | 1 mm   | 0°         | 12    | 0.003196 kg·cm² | 0.4          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1s-15   | Pinion module 1, 15 teeth            | 17    | 1 mm   | 0°         | 15    | 0.007803 kg·cm² | 0.2          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1s-18   | Pinion module 1, 18 teeth            | 18    | 1 mm   | 0°         | 18    | 0.01618 kg·cm²  | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1s-20   | Pinion module 1, 20 teeth            | 19    | 1 mm   | 0°         | 20    | 0.02466 kg·cm²  | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1s-25   | Pinion module 1, 25 teeth            | 22    | 1 mm   | 0°         | 25    | 0.06021 kg·cm²  | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1s-30   | Pinion module 1, 30 teeth            | 24    | 1 mm   | 0°         | 30    | 0.1248 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5s-12 | Pinion module 1.5, 12 teeth          | 18    | 1.5 mm | 0°         | 12    | 0.01618 kg·cm²  | 0.4          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5s-15 | Pinion module 1.5, 15 teeth          | 20    | 1.5 mm | 0°         | 15    | 0.0395 kg·cm²   | 0.2          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5s-18 | Pinion module 1.5, 18 teeth          | 23    | 1.5 mm | 0°         | 18    | 0.08191 kg·cm²  | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5s-20 | Pinion module 1.5, 20 teeth          | 24    | 1.5 mm | 0°         | 20    | 0.1248 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5s-25 | Pinion module 1.5, 25 teeth          | 28    | 1.5 mm | 0°         | 25    | 0.3048 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5s-30 | Pinion module 1.5, 30 teeth          | 32    | 1.5 mm | 0°         | 30    | 0.632 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5h-12 | Pinion module 1.5, helical, 12 teeth | 30    | 1.5 mm | 19.5283°   | 12    | 0.02051 kg·cm²  | 0.4          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5h-15 | Pinion module 1.5, helical, 15 teeth | 32    | 1.5 mm | 19.5283°   | 15    | 0.05007 kg·cm²  | 0.2          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5h-18 | Pinion module 1.5, helical, 18 teeth | 35    | 1.5 mm | 19.5283°   | 18    | 0.1038 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5h-20 | Pinion module 1.5, helical, 20 teeth | 36    | 1.5 mm | 19.5283°   | 20    | 0.1582 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5h-25 | Pinion module 1.5, helical, 25 teeth | 40    | 1.5 mm | 19.5283°   | 25    | 0.3863 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-1.5h-30 | Pinion module 1.5, helical, 30 teeth | 44    | 1.5 mm | 19.5283°   | 30    | 0.8011 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2s-12   | Pinion module 2, 12 teeth            | 21    | 2 mm   | 0°         | 12    | 0.06818 kg·cm²  | 0.4          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2s-15   | Pinion module 2, 15 teeth            | 24    | 2 mm   | 0°         | 15    | 0.1665 kg·cm²   | 0.2          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2s-18   | Pinion module 2, 18 teeth            | 27    | 2 mm   | 0°         | 18    | 0.3452 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2s-20   | Pinion module 2, 20 teeth            | 29    | 2 mm   | 0°         | 20    | 0.5261 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2s-25   | Pinion module 2, 25 teeth            | 34    | 2 mm   | 0°         | 25    | 1.284 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2s-30   | Pinion module 2, 30 teeth            | 39    | 2 mm   | 0°         | 30    | 2.663 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2h-12   | Pinion module 2, helical, 12 teeth   | 33    | 2 mm   | 19.5283°   | 12    | 0.08642 kg·cm²  | 0.4          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2h-15   | Pinion module 2, helical, 15 teeth   | 36    | 2 mm   | 19.5283°   | 15    | 0.211 kg·cm²    | 0.2          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2h-18   | Pinion module 2, helical, 18 teeth   | 39    | 2 mm   | 19.5283°   | 18    | 0.4375 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2h-20   | Pinion module 2, helical, 20 teeth   | 41    | 2 mm   | 19.5283°   | 20    | 0.6668 kg·cm²   | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2h-25   | Pinion module 2, helical, 25 teeth   | 46    | 2 mm   | 19.5283°   | 25    | 1.628 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-2h-30   | Pinion module 2, helical, 30 teeth   | 51    | 2 mm   | 19.5283°   | 30    | 3.376 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3s-12   | Pinion module 3, 12 teeth            | 27    | 3 mm   | 0°         | 12    | 0.5178 kg·cm²   | 0.4          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3s-15   | Pinion module 3, 15 teeth            | 32    | 3 mm   | 0°         | 15    | 1.264 kg·cm²    | 0.2          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3s-18   | Pinion module 3, 18 teeth            | 36    | 3 mm   | 0°         | 18    | 2.621 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3s-20   | Pinion module 3, 20 teeth            | 39    | 3 mm   | 0°         | 20    | 3.995 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3s-25   | Pinion module 3, 25 teeth            | 47    | 3 mm   | 0°         | 25    | 9.754 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3s-30   | Pinion module 3, 30 teeth            | 54    | 3 mm   | 0°         | 30    | 20.23 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3h-12   | Pinion module 3, helical, 12 teeth   | 39    | 3 mm   | 19.5283°   | 12    | 0.6562 kg·cm²   | 0.4          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3h-15   | Pinion module 3, helical, 15 teeth   | 44    | 3 mm   | 19.5283°   | 15    | 1.602 kg·cm²    | 0.2          | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3h-18   | Pinion module 3, helical, 18 teeth   | 48    | 3 mm   | 19.5283°   | 18    | 3.322 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3h-20   | Pinion module 3, helical, 20 teeth   | 51    | 3 mm   | 19.5283°   | 20    | 5.064 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3h-25   | Pinion module 3, helical, 25 teeth   | 59    | 3 mm   | 19.5283°   | 25    | 12.36 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
pinion-3h-30   | Pinion module 3, helical, 30 teeth   | 66    | 3 mm   | 19.5283°   | 30    | 25.63 kg·cm²    | 0            | ISO 53 and ISO 54 for the teeth; inertia of a solid steel disc
`,
);
