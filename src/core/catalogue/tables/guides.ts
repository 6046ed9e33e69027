import { table } from '../table';

/** Profile rails with one carriage. */
export const profileRails = table(
  'guide',
  `
id              | name                                  | price | size  | carriageLength | raceSpacing | dynamicLoad | staticLoad | verticalStiffness | lateralStiffness | friction | seal  | basis
profile-15      | Profile rail 15, carriage 59 mm       | 42    | 15 mm | 59 mm          | 13 mm       | 8.4 kN      | 14.5 kN    | 150 N/µm          | 110 N/µm         | 0.004    | 2.5 N | size ISO 12090; ratings typical, from memory
profile-15-long | Profile rail 15, long carriage 77 mm  | 52    | 15 mm | 77 mm          | 13 mm       | 11.4 kN     | 21 kN      | 200 N/µm          | 140 N/µm         | 0.004    | 3 N   | size ISO 12090; ratings typical, from memory
profile-20      | Profile rail 20, carriage 77 mm       | 55    | 20 mm | 77 mm          | 17 mm       | 13.9 kN     | 24 kN      | 220 N/µm          | 160 N/µm         | 0.004    | 3.5 N | size ISO 12090; ratings typical, from memory
profile-20-long | Profile rail 20, long carriage 93 mm  | 66    | 20 mm | 93 mm          | 17 mm       | 17 kN       | 32 kN      | 280 N/µm          | 200 N/µm         | 0.004    | 4 N   | size ISO 12090; ratings typical, from memory
profile-25      | Profile rail 25, carriage 84 mm       | 68    | 25 mm | 84 mm          | 20 mm       | 19.8 kN     | 32 kN      | 270 N/µm          | 190 N/µm         | 0.004    | 4 N   | size ISO 12090; ratings typical, from memory
profile-25-long | Profile rail 25, long carriage 106 mm | 82    | 25 mm | 106 mm         | 20 mm       | 24.6 kN     | 45 kN      | 350 N/µm          | 250 N/µm         | 0.004    | 5 N   | size ISO 12090; ratings typical, from memory
profile-30      | Profile rail 30, carriage 98 mm       | 95    | 30 mm | 98 mm          | 24 mm       | 27.5 kN     | 46 kN      | 330 N/µm          | 230 N/µm         | 0.004    | 5 N   | size ISO 12090; ratings typical, from memory
profile-35      | Profile rail 35, carriage 111 mm      | 125   | 35 mm | 111 mm         | 29 mm       | 37 kN       | 62 kN      | 400 N/µm          | 280 N/µm         | 0.004    | 6 N   | size ISO 12090; ratings typical, from memory
`,
  {
    'guide.ratingBasis': '50',
  },
);

/** Miniature rails with one carriage. */
export const miniatureRails = table(
  'guide',
  `
id                | name                             | price | size  | carriageLength | raceSpacing | dynamicLoad | staticLoad | verticalStiffness | lateralStiffness | friction | seal  | basis
miniature-9       | Miniature rail 9                 | 22    | 9 mm  | 31 mm          | 6 mm        | 1.8 kN      | 2.5 kN     | 35 N/µm           | 28 N/µm          | 0.005    | 0.4 N | sizes as common; ratings typical, from memory
miniature-12      | Miniature rail 12                | 24    | 12 mm | 35 mm          | 8 mm        | 2.8 kN      | 3.8 kN     | 45 N/µm           | 35 N/µm          | 0.005    | 0.5 N | sizes as common; ratings typical, from memory
miniature-15      | Miniature rail 15                | 28    | 15 mm | 42 mm          | 10 mm       | 4.6 kN      | 5.6 kN     | 60 N/µm           | 48 N/µm          | 0.005    | 0.6 N | sizes as common; ratings typical, from memory
miniature-15-long | Miniature rail 15, long carriage | 34    | 15 mm | 59 mm          | 10 mm       | 6.4 kN      | 9 kN       | 85 N/µm           | 65 N/µm          | 0.005    | 0.7 N | sizes as common; ratings typical, from memory
`,
  {
    'guide.ratingBasis': '50',
  },
);

/** Supported round rails with one open bush. */
export const supportedRails = table(
  'guide',
  `
id           | name                                  | price | size  | carriageLength | raceSpacing | dynamicLoad | staticLoad | verticalStiffness | lateralStiffness | friction | seal | basis
supported-12 | Supported round rail 12 mm, open bush | 26    | 12 mm | 39 mm          | 0 mm        | 0.41 kN     | 0.59 kN    | 36.6 N/µm         | 20 N/µm          | 0.004    | 2 N  | typical, from memory
supported-16 | Supported round rail 16 mm, open bush | 30    | 16 mm | 45 mm          | 0 mm        | 0.77 kN     | 1.18 kN    | 43.8 N/µm         | 24 N/µm          | 0.004    | 2 N  | typical, from memory
supported-20 | Supported round rail 20 mm, open bush | 34    | 20 mm | 50 mm          | 0 mm        | 0.86 kN     | 1.37 kN    | 51 N/µm           | 28 N/µm          | 0.004    | 2 N  | typical, from memory
supported-25 | Supported round rail 25 mm, open bush | 39    | 25 mm | 65 mm          | 0 mm        | 0.98 kN     | 1.57 kN    | 60 N/µm           | 33 N/µm          | 0.004    | 2 N  | typical, from memory
supported-30 | Supported round rail 30 mm, open bush | 44    | 30 mm | 70 mm          | 0 mm        | 1.56 kN     | 2.74 kN    | 69 N/µm           | 38 N/µm          | 0.004    | 2 N  | typical, from memory
`,
  {
    'guide.ratingBasis': '50',
  },
);

/** Round rods with one bush. */
export const roundRods = table(
  'guide',
  `
id     | name                           | price | size  | carriageLength | raceSpacing | dynamicLoad | staticLoad | verticalStiffness       | lateralStiffness        | friction | seal  | basis
rod-8  | Round rod 8 mm with ball bush  | 13    | 8 mm  | 24 mm          | 0 mm        | 0.27 kN     | 0.4 kN     | 21.2 N/µm               | 21.2 N/µm               | 0.004    | 1.5 N | typical, from memory
rod-10 | Round rod 10 mm with ball bush | 15    | 10 mm | 29 mm          | 0 mm        | 0.37 kN     | 0.55 kN    | 24 N/µm                 | 24 N/µm                 | 0.004    | 1.5 N | typical, from memory
rod-12 | Round rod 12 mm with ball bush | 17    | 12 mm | 30 mm          | 0 mm        | 0.41 kN     | 0.59 kN    | 26.8 N/µm | 26.8 N/µm | 0.004    | 1.5 N | typical, from memory
rod-16 | Round rod 16 mm with ball bush | 21    | 16 mm | 37 mm          | 0 mm        | 0.77 kN     | 1.18 kN    | 32.4 N/µm               | 32.4 N/µm               | 0.004    | 1.5 N | typical, from memory
rod-20 | Round rod 20 mm with ball bush | 25    | 20 mm | 42 mm          | 0 mm        | 0.86 kN     | 1.37 kN    | 38 N/µm                 | 38 N/µm                 | 0.004    | 1.5 N | typical, from memory
rod-25 | Round rod 25 mm with ball bush | 30    | 25 mm | 59 mm          | 0 mm        | 0.98 kN     | 1.57 kN    | 45 N/µm                 | 45 N/µm                 | 0.004    | 1.5 N | typical, from memory
rod-30 | Round rod 30 mm with ball bush | 35    | 30 mm | 64 mm          | 0 mm        | 1.56 kN     | 2.74 kN    | 52 N/µm                 | 52 N/µm                 | 0.004    | 1.5 N | typical, from memory
`,
  {
    'guide.ratingBasis': '50',
  },
);

/** V-wheels, a plate of four. */
export const wheels = table(
  'guide',
  `
id                | name                                                       | price | size  | carriageLength | staticLoad | verticalStiffness | lateralStiffness | friction | seal  | basis
wheel-small       | Polymer V-wheels 24 mm on 20 mm extrusion, four to a plate | 18    | 20 mm | 65 mm          | 250 N      | 1.2 N/µm          | 1.2 N/µm         | 0.04     | 0 N   | typical, from memory
wheel-40          | Polymer V-wheels 24 mm on 40 mm extrusion, four to a plate | 22    | 40 mm | 85 mm          | 300 N      | 1.5 N/µm          | 1.5 N/µm         | 0.04     | 0 N   | typical, from memory
wheel-steel       | Steel V-wheels 30 mm on hardened edge                      | 48    | 30 mm | 95 mm          | 1500 N     | 12 N/µm           | 10 N/µm          | 0.02     | 1 N   | typical, from memory
wheel-steel-large | Steel V-wheels 45 mm on hardened edge                      | 80    | 45 mm | 130 mm         | 3000 N     | 20 N/µm           | 16 N/µm          | 0.02     | 1.5 N | typical, from memory
`,
);

/** Ball bearings on tube. */
export const tubeBearings = table(
  'guide',
  `
id             | name                                            | price | size  | carriageLength | staticLoad | verticalStiffness | lateralStiffness | friction | seal | basis
tube-30        | Ball bearings 22 mm on 30 mm tube, three around | 20    | 30 mm | 70 mm          | 800 N      | 6 N/µm            | 6 N/µm           | 0.012    | 0 N  | typical, from memory
tube-42        | Ball bearings 22 mm on 42 mm tube, three around | 22    | 42 mm | 80 mm          | 900 N      | 6 N/µm            | 6 N/µm           | 0.012    | 0 N  | typical, from memory
tube-square-40 | Ball bearings 22 mm on 40 mm square tube        | 20    | 40 mm | 80 mm          | 900 N      | 7 N/µm            | 7 N/µm           | 0.012    | 0 N  | typical, from memory
`,
);
