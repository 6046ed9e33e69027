import { table } from '../table';

/** Curvilinear toothed belts. */
export const belts = table(
  'drive',
  `
id              | name                               | price | pitch | width | specificStiffness | allowedPull | lineMass | play    | basis
belt-3-9-glass  | Belt 3 mm pitch, 9 mm, glass cord  | 6     | 3 mm  | 9 mm  | 10000 N/mm        | 90 N        | 21.6 g/m | 0.06 mm | pitch ISO 13050; cord typical, from memory
belt-3-9-steel  | Belt 3 mm pitch, 9 mm, steel cord  | 10    | 3 mm  | 9 mm  | 16000 N/mm        | 112.5 N     | 21.6 g/m | 0.06 mm | pitch ISO 13050; cord typical, from memory
belt-3-15-glass | Belt 3 mm pitch, 15 mm, glass cord | 8     | 3 mm  | 15 mm | 10000 N/mm        | 150 N       | 36 g/m   | 0.06 mm | pitch ISO 13050; cord typical, from memory
belt-3-15-steel | Belt 3 mm pitch, 15 mm, steel cord | 13    | 3 mm  | 15 mm | 16000 N/mm        | 187.5 N     | 36 g/m   | 0.06 mm | pitch ISO 13050; cord typical, from memory
belt-5-9-glass  | Belt 5 mm pitch, 9 mm, glass cord  | 6     | 5 mm  | 9 mm  | 14000 N/mm        | 216 N       | 36 g/m   | 0.08 mm | pitch ISO 13050; cord typical, from memory
belt-5-9-steel  | Belt 5 mm pitch, 9 mm, steel cord  | 10    | 5 mm  | 9 mm  | 22400 N/mm        | 270 N       | 36 g/m   | 0.08 mm | pitch ISO 13050; cord typical, from memory
belt-5-15-glass | Belt 5 mm pitch, 15 mm, glass cord | 8     | 5 mm  | 15 mm | 14000 N/mm        | 360 N       | 60 g/m   | 0.08 mm | pitch ISO 13050; cord typical, from memory
belt-5-15-steel | Belt 5 mm pitch, 15 mm, steel cord | 13    | 5 mm  | 15 mm | 22400 N/mm        | 450 N       | 60 g/m   | 0.08 mm | pitch ISO 13050; cord typical, from memory
belt-5-25-glass | Belt 5 mm pitch, 25 mm, glass cord | 12    | 5 mm  | 25 mm | 14000 N/mm        | 600 N       | 100 g/m  | 0.08 mm | pitch ISO 13050; cord typical, from memory
belt-5-25-steel | Belt 5 mm pitch, 25 mm, steel cord | 19    | 5 mm  | 25 mm | 22400 N/mm        | 750 N       | 100 g/m  | 0.08 mm | pitch ISO 13050; cord typical, from memory
belt-8-15-glass | Belt 8 mm pitch, 15 mm, glass cord | 8     | 8 mm  | 15 mm | 24000 N/mm        | 675 N       | 93 g/m   | 0.1 mm  | pitch ISO 13050; cord typical, from memory
belt-8-15-steel | Belt 8 mm pitch, 15 mm, steel cord | 13    | 8 mm  | 15 mm | 38400 N/mm        | 843.8 N     | 93 g/m   | 0.1 mm  | pitch ISO 13050; cord typical, from memory
belt-8-20-glass | Belt 8 mm pitch, 20 mm, glass cord | 10    | 8 mm  | 20 mm | 24000 N/mm        | 900 N       | 124 g/m  | 0.1 mm  | pitch ISO 13050; cord typical, from memory
belt-8-20-steel | Belt 8 mm pitch, 20 mm, steel cord | 16    | 8 mm  | 20 mm | 38400 N/mm        | 1125 N      | 124 g/m  | 0.1 mm  | pitch ISO 13050; cord typical, from memory
belt-8-30-glass | Belt 8 mm pitch, 30 mm, glass cord | 14    | 8 mm  | 30 mm | 24000 N/mm        | 1350 N      | 186 g/m  | 0.1 mm  | pitch ISO 13050; cord typical, from memory
belt-8-30-steel | Belt 8 mm pitch, 30 mm, steel cord | 22    | 8 mm  | 30 mm | 38400 N/mm        | 1688 N      | 186 g/m  | 0.1 mm  | pitch ISO 13050; cord typical, from memory
belt-8-50-glass | Belt 8 mm pitch, 50 mm, glass cord | 21    | 8 mm  | 50 mm | 24000 N/mm        | 2250 N      | 310 g/m  | 0.1 mm  | pitch ISO 13050; cord typical, from memory
belt-8-50-steel | Belt 8 mm pitch, 50 mm, steel cord | 33    | 8 mm  | 50 mm | 38400 N/mm        | 2813 N      | 310 g/m  | 0.1 mm  | pitch ISO 13050; cord typical, from memory
`,
);

/** Pulleys for them. */
export const pulleys = table(
  'drive',
  `
id          | name                        | price | pitch | teeth | inertia         | basis
pulley-3-16 | Pulley 3 mm pitch, 16 teeth | 8     | 3 mm  | 16    | 0.008667 kg·cm² | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-3-18 | Pulley 3 mm pitch, 18 teeth | 8     | 3 mm  | 18    | 0.01388 kg·cm²  | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-3-20 | Pulley 3 mm pitch, 20 teeth | 9     | 3 mm  | 20    | 0.02116 kg·cm²  | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-3-24 | Pulley 3 mm pitch, 24 teeth | 9     | 3 mm  | 24    | 0.04388 kg·cm²  | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-3-30 | Pulley 3 mm pitch, 30 teeth | 10    | 3 mm  | 30    | 0.1071 kg·cm²   | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-3-36 | Pulley 3 mm pitch, 36 teeth | 11    | 3 mm  | 36    | 0.2221 kg·cm²   | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-3-40 | Pulley 3 mm pitch, 40 teeth | 12    | 3 mm  | 40    | 0.3386 kg·cm²   | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-3-48 | Pulley 3 mm pitch, 48 teeth | 14    | 3 mm  | 48    | 0.702 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-16 | Pulley 5 mm pitch, 16 teeth | 10    | 5 mm  | 16    | 0.06688 kg·cm²  | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-18 | Pulley 5 mm pitch, 18 teeth | 10    | 5 mm  | 18    | 0.1071 kg·cm²   | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-20 | Pulley 5 mm pitch, 20 teeth | 11    | 5 mm  | 20    | 0.1633 kg·cm²   | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-24 | Pulley 5 mm pitch, 24 teeth | 12    | 5 mm  | 24    | 0.3386 kg·cm²   | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-30 | Pulley 5 mm pitch, 30 teeth | 14    | 5 mm  | 30    | 0.8266 kg·cm²   | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-36 | Pulley 5 mm pitch, 36 teeth | 16    | 5 mm  | 36    | 1.714 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-40 | Pulley 5 mm pitch, 40 teeth | 17    | 5 mm  | 40    | 2.612 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-5-48 | Pulley 5 mm pitch, 48 teeth | 19    | 5 mm  | 48    | 5.417 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-8-20 | Pulley 8 mm pitch, 20 teeth | 15    | 8 mm  | 20    | 1.07 kg·cm²     | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-8-24 | Pulley 8 mm pitch, 24 teeth | 17    | 8 mm  | 24    | 2.219 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-8-30 | Pulley 8 mm pitch, 30 teeth | 19    | 8 mm  | 30    | 5.417 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-8-36 | Pulley 8 mm pitch, 36 teeth | 22    | 8 mm  | 36    | 11.23 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-8-40 | Pulley 8 mm pitch, 40 teeth | 24    | 8 mm  | 40    | 17.12 kg·cm²    | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
pulley-8-48 | Pulley 8 mm pitch, 48 teeth | 28    | 8 mm  | 48    | 35.5 kg·cm²     | pitch ISO 13050; inertia of a solid aluminium disc with an idler like it
`,
);

/** Belt stages between motor and drive. */
export const beltStages = table(
  'reducer',
  `
id            | name                                                    | price | pulleys.motorTeeth | pulleys.driveTeeth | pulleys.pitch | ratio | inertia        | basis
stage-3-20-30 | Belt stage 20 on the motor, 30 on the drive, 3 mm pitch | 22    | 20                 | 30                 | 3 mm          | 1.5   | 0.02292 kg·cm² | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-5-20-30 | Belt stage 20 on the motor, 30 on the drive, 5 mm pitch | 27    | 20                 | 30                 | 5 mm          | 1.5   | 0.1769 kg·cm²  | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-3-20-40 | Belt stage 20 on the motor, 40 on the drive, 3 mm pitch | 23    | 20                 | 40                 | 3 mm          | 2     | 0.03527 kg·cm² | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-5-20-40 | Belt stage 20 on the motor, 40 on the drive, 5 mm pitch | 29    | 20                 | 40                 | 5 mm          | 2     | 0.2721 kg·cm²  | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-3-18-54 | Belt stage 18 on the motor, 54 on the drive, 3 mm pitch | 25    | 18                 | 54                 | 3 mm          | 3     | 0.04628 kg·cm² | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-5-18-54 | Belt stage 18 on the motor, 54 on the drive, 5 mm pitch | 32    | 18                 | 54                 | 5 mm          | 3     | 0.3571 kg·cm²  | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-3-15-60 | Belt stage 15 on the motor, 60 on the drive, 3 mm pitch | 25    | 15                 | 60                 | 3 mm          | 4     | 0.03794 kg·cm² | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-5-15-60 | Belt stage 15 on the motor, 60 on the drive, 5 mm pitch | 33    | 15                 | 60                 | 5 mm          | 4     | 0.2927 kg·cm²  | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-3-24-24 | Belt stage 24 on the motor, 24 on the drive, 3 mm pitch | 21    | 24                 | 24                 | 3 mm          | 1     | 0.02925 kg·cm² | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-5-24-24 | Belt stage 24 on the motor, 24 on the drive, 5 mm pitch | 26    | 24                 | 24                 | 5 mm          | 1     | 0.2257 kg·cm²  | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-3-32-16 | Belt stage 32 on the motor, 16 on the drive, 3 mm pitch | 21    | 32                 | 16                 | 3 mm          | 0.5   | 0.05778 kg·cm² | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
stage-5-32-16 | Belt stage 32 on the motor, 16 on the drive, 5 mm pitch | 26    | 32                 | 16                 | 5 mm          | 0.5   | 0.4458 kg·cm²  | pitch ISO 13050; the rest typical, from memory, inertia of solid aluminium discs
`,
  {
    'reducer.efficiency': '0.96',
    'reducer.backlash': '1 arcmin',
  },
);
