import { table } from '../table';

/** Open-loop steppers. */
export const steppers = table(
  'motor',
  `
id                  | name                              | price | holdingTorque | ratedCurrent | resistance | inductance | rotorInertia | detentTorque | basis
stepper-17-0_26-3   | Stepper size 17, 0.26 N·m, 3 mH   | 12    | 0.26 N·m      | 1.2 A        | 2.4 Ω      | 3 mH       | 0.035 kg·cm² | 0.012 N·m    | flange NEMA ICS 16; the rest typical, from memory
stepper-17-0_4-3_2  | Stepper size 17, 0.4 N·m, 3.2 mH  | 13    | 0.4 N·m       | 1.5 A        | 1.8 Ω      | 3.2 mH     | 0.054 kg·cm² | 0.015 N·m    | flange NEMA ICS 16; the rest typical, from memory
stepper-17-0_45-2_6 | Stepper size 17, 0.45 N·m, 2.6 mH | 15    | 0.45 N·m      | 2 A          | 1.1 Ω      | 2.6 mH     | 0.068 kg·cm² | 0.02 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-17-0_6-3    | Stepper size 17, 0.6 N·m, 3 mH    | 19    | 0.6 N·m       | 2 A          | 1.4 Ω      | 3 mH       | 0.102 kg·cm² | 0.025 N·m    | flange NEMA ICS 16; the rest typical, from memory
stepper-17-0_65-9   | Stepper size 17, 0.65 N·m, 9 mH   | 19    | 0.65 N·m      | 1.2 A        | 4.2 Ω      | 9 mH       | 0.102 kg·cm² | 0.025 N·m    | flange NEMA ICS 16; the rest typical, from memory
stepper-17-0_8-2_2  | Stepper size 17, 0.8 N·m, 2.2 mH  | 24    | 0.8 N·m       | 2.5 A        | 1 Ω        | 2.2 mH     | 0.13 kg·cm²  | 0.03 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-0_55-1_4 | Stepper size 23, 0.55 N·m, 1.4 mH | 19    | 0.55 N·m      | 2.8 A        | 0.7 Ω      | 1.4 mH     | 0.12 kg·cm²  | 0.03 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-1-2_2    | Stepper size 23, 1 N·m, 2.2 mH    | 22    | 1 N·m         | 2.8 A        | 0.83 Ω     | 2.2 mH     | 0.26 kg·cm²  | 0.04 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-1_26-2_5 | Stepper size 23, 1.26 N·m, 2.5 mH | 24    | 1.26 N·m      | 2.8 A        | 0.9 Ω      | 2.5 mH     | 0.3 kg·cm²   | 0.05 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-1_9-3_6  | Stepper size 23, 1.9 N·m, 3.6 mH  | 28    | 1.9 N·m       | 2.8 A        | 1.13 Ω     | 3.6 mH     | 0.44 kg·cm²  | 0.06 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-1_9-1_6  | Stepper size 23, 1.9 N·m, 1.6 mH  | 30    | 1.9 N·m       | 4.2 A        | 0.5 Ω      | 1.6 mH     | 0.44 kg·cm²  | 0.06 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-2_2-1_9  | Stepper size 23, 2.2 N·m, 1.9 mH  | 33    | 2.2 N·m       | 4.2 A        | 0.55 Ω     | 1.9 mH     | 0.52 kg·cm²  | 0.07 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-2_4-2_4  | Stepper size 23, 2.4 N·m, 2.4 mH  | 36    | 2.4 N·m       | 4 A          | 0.65 Ω     | 2.4 mH     | 0.68 kg·cm²  | 0.08 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-23-3-3_8    | Stepper size 23, 3 N·m, 3.8 mH    | 40    | 3 N·m         | 4.2 A        | 0.9 Ω      | 3.8 mH     | 0.8 kg·cm²   | 0.1 N·m      | flange NEMA ICS 16; the rest typical, from memory
stepper-23-3-1_8    | Stepper size 23, 3 N·m, 1.8 mH    | 45    | 3 N·m         | 5 A          | 0.4 Ω      | 1.8 mH     | 0.8 kg·cm²   | 0.1 N·m      | flange NEMA ICS 16; the rest typical, from memory
stepper-24-3_1-1_7  | Stepper size 24, 3.1 N·m, 1.7 mH  | 47    | 3.1 N·m       | 5 A          | 0.43 Ω     | 1.7 mH     | 0.9 kg·cm²   | 0.1 N·m      | flange NEMA ICS 16; the rest typical, from memory
stepper-24-4-3      | Stepper size 24, 4 N·m, 3 mH      | 58    | 4 N·m         | 5 A          | 0.65 Ω     | 3 mH       | 1.4 kg·cm²   | 0.12 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-34-3_4-2_2  | Stepper size 34, 3.4 N·m, 2.2 mH  | 60    | 3.4 N·m       | 5.5 A        | 0.42 Ω     | 2.2 mH     | 1 kg·cm²     | 0.12 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-34-4_5-3_8  | Stepper size 34, 4.5 N·m, 3.8 mH  | 66    | 4.5 N·m       | 5.5 A        | 0.46 Ω     | 3.8 mH     | 1.4 kg·cm²   | 0.15 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-34-4_5-2    | Stepper size 34, 4.5 N·m, 2 mH    | 70    | 4.5 N·m       | 6 A          | 0.3 Ω      | 2 mH       | 1.4 kg·cm²   | 0.15 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-34-7-5_5    | Stepper size 34, 7 N·m, 5.5 mH    | 82    | 7 N·m         | 5.5 A        | 0.65 Ω     | 5.5 mH     | 2.3 kg·cm²   | 0.2 N·m      | flange NEMA ICS 16; the rest typical, from memory
stepper-34-8_5-6_2  | Stepper size 34, 8.5 N·m, 6.2 mH  | 92    | 8.5 N·m       | 6 A          | 0.6 Ω      | 6.2 mH     | 2.7 kg·cm²   | 0.25 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-34-8_5-2_6  | Stepper size 34, 8.5 N·m, 2.6 mH  | 99    | 8.5 N·m       | 8 A          | 0.3 Ω      | 2.6 mH     | 2.7 kg·cm²   | 0.25 N·m     | flange NEMA ICS 16; the rest typical, from memory
stepper-34-12-9     | Stepper size 34, 12 N·m, 9 mH     | 118   | 12 N·m        | 6 A          | 0.8 Ω      | 9 mH       | 4 kg·cm²     | 0.35 N·m     | flange NEMA ICS 16; the rest typical, from memory
`,
  {
    'motor.rotorTeeth': '1.8°',
    'motor.loop': 'open',
    'motor.usableShare': '0.6',
  },
);

/** Steppers with an encoder. */
export const closedLoopSteppers = table(
  'motor',
  `
id                 | name                                          | price | holdingTorque | ratedCurrent | resistance | inductance | rotorInertia  | detentTorque | basis
closed-17-0_4-3_2  | Closed-loop stepper size 17, 0.4 N·m, 3.2 mH  | 48    | 0.4 N·m       | 1.5 A        | 1.8 Ω      | 3.2 mH     | 0.0594 kg·cm² | 0.015 N·m    | flange NEMA ICS 16; the rest typical, from memory
closed-17-0_45-2_6 | Closed-loop stepper size 17, 0.45 N·m, 2.6 mH | 50    | 0.45 N·m      | 2 A          | 1.1 Ω      | 2.6 mH     | 0.0748 kg·cm² | 0.02 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-17-0_6-3    | Closed-loop stepper size 17, 0.6 N·m, 3 mH    | 54    | 0.6 N·m       | 2 A          | 1.4 Ω      | 3 mH       | 0.112 kg·cm²  | 0.025 N·m    | flange NEMA ICS 16; the rest typical, from memory
closed-17-0_65-9   | Closed-loop stepper size 17, 0.65 N·m, 9 mH   | 54    | 0.65 N·m      | 1.2 A        | 4.2 Ω      | 9 mH       | 0.112 kg·cm²  | 0.025 N·m    | flange NEMA ICS 16; the rest typical, from memory
closed-23-1_26-2_5 | Closed-loop stepper size 23, 1.26 N·m, 2.5 mH | 59    | 1.26 N·m      | 2.8 A        | 0.9 Ω      | 2.5 mH     | 0.33 kg·cm²   | 0.05 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-23-2_2-1_9  | Closed-loop stepper size 23, 2.2 N·m, 1.9 mH  | 68    | 2.2 N·m       | 4.2 A        | 0.55 Ω     | 1.9 mH     | 0.572 kg·cm²  | 0.07 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-23-3-3_8    | Closed-loop stepper size 23, 3 N·m, 3.8 mH    | 75    | 3 N·m         | 4.2 A        | 0.9 Ω      | 3.8 mH     | 0.88 kg·cm²   | 0.1 N·m      | flange NEMA ICS 16; the rest typical, from memory
closed-23-3-1_8    | Closed-loop stepper size 23, 3 N·m, 1.8 mH    | 80    | 3 N·m         | 5 A          | 0.4 Ω      | 1.8 mH     | 0.88 kg·cm²   | 0.1 N·m      | flange NEMA ICS 16; the rest typical, from memory
closed-24-3_1-1_7  | Closed-loop stepper size 24, 3.1 N·m, 1.7 mH  | 82    | 3.1 N·m       | 5 A          | 0.43 Ω     | 1.7 mH     | 0.99 kg·cm²   | 0.1 N·m      | flange NEMA ICS 16; the rest typical, from memory
closed-24-4-3      | Closed-loop stepper size 24, 4 N·m, 3 mH      | 93    | 4 N·m         | 5 A          | 0.65 Ω     | 3 mH       | 1.54 kg·cm²   | 0.12 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-34-4_5-3_8  | Closed-loop stepper size 34, 4.5 N·m, 3.8 mH  | 101   | 4.5 N·m       | 5.5 A        | 0.46 Ω     | 3.8 mH     | 1.54 kg·cm²   | 0.15 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-34-4_5-2    | Closed-loop stepper size 34, 4.5 N·m, 2 mH    | 105   | 4.5 N·m       | 6 A          | 0.3 Ω      | 2 mH       | 1.54 kg·cm²   | 0.15 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-34-7-5_5    | Closed-loop stepper size 34, 7 N·m, 5.5 mH    | 117   | 7 N·m         | 5.5 A        | 0.65 Ω     | 5.5 mH     | 2.53 kg·cm²   | 0.2 N·m      | flange NEMA ICS 16; the rest typical, from memory
closed-34-8_5-6_2  | Closed-loop stepper size 34, 8.5 N·m, 6.2 mH  | 127   | 8.5 N·m       | 6 A          | 0.6 Ω      | 6.2 mH     | 2.97 kg·cm²   | 0.25 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-34-8_5-2_6  | Closed-loop stepper size 34, 8.5 N·m, 2.6 mH  | 134   | 8.5 N·m       | 8 A          | 0.3 Ω      | 2.6 mH     | 2.97 kg·cm²   | 0.25 N·m     | flange NEMA ICS 16; the rest typical, from memory
closed-34-12-9     | Closed-loop stepper size 34, 12 N·m, 9 mH     | 153   | 12 N·m        | 6 A          | 0.8 Ω      | 9 mH       | 4.4 kg·cm²    | 0.35 N·m     | flange NEMA ICS 16; the rest typical, from memory
`,
  {
    'motor.rotorTeeth': '1.8°',
    'motor.loop': 'closed',
    'motor.usableShare': '0.8',
  },
);

/** Servo motors. */
export const servos = table(
  'motor',
  `
id                  | name                             | price | ratedTorque | peakTorque | ratedSpeed | maxSpeed | rotorInertia | basis
servo-100-0_32-0_04 | Servo 100 W, 0.32 N·m, 6000 rpm  | 150   | 0.32 N·m    | 0.96 N·m   | 3000 rpm   | 6000 rpm | 0.04 kg·cm²  | typical, from memory
servo-200-0_64-0_17 | Servo 200 W, 0.64 N·m, 6000 rpm  | 165   | 0.64 N·m    | 1.9 N·m    | 3000 rpm   | 6000 rpm | 0.17 kg·cm²  | typical, from memory
servo-400-1_27-0_27 | Servo 400 W, 1.27 N·m, 6000 rpm  | 185   | 1.27 N·m    | 3.8 N·m    | 3000 rpm   | 6000 rpm | 0.27 kg·cm²  | typical, from memory
servo-750-2_39-0_92 | Servo 750 W, 2.39 N·m, 6000 rpm  | 240   | 2.39 N·m    | 7.2 N·m    | 3000 rpm   | 6000 rpm | 0.92 kg·cm²  | typical, from memory
servo-750-2_39-1_6  | Servo 750 W, 2.39 N·m, 5000 rpm  | 250   | 2.39 N·m    | 7.2 N·m    | 3000 rpm   | 5000 rpm | 1.6 kg·cm²   | typical, from memory
servo-1000-3_2-1_7  | Servo 1000 W, 3.2 N·m, 5000 rpm  | 330   | 3.2 N·m     | 9.6 N·m    | 3000 rpm   | 5000 rpm | 1.7 kg·cm²   | typical, from memory
servo-1000-4_77-6_2 | Servo 1000 W, 4.77 N·m, 3000 rpm | 340   | 4.77 N·m    | 14.3 N·m   | 2000 rpm   | 3000 rpm | 6.2 kg·cm²   | typical, from memory
servo-1500-4_8-2_5  | Servo 1500 W, 4.8 N·m, 5000 rpm  | 420   | 4.8 N·m     | 14.3 N·m   | 3000 rpm   | 5000 rpm | 2.5 kg·cm²   | typical, from memory
servo-1500-7_16-9_3 | Servo 1500 W, 7.16 N·m, 3000 rpm | 430   | 7.16 N·m    | 21.5 N·m   | 2000 rpm   | 3000 rpm | 9.3 kg·cm²   | typical, from memory
`,
);

/** Geared motors with brushes. */
/** Handwheels by the sizes of DIN 950; the handle stands some 12 mm inside the rim. Weights from memory. */
export const handwheels = table(
  'motor',
  `
id            | name              | price | radius | divisions | rotorInertia | basis
handwheel-80  | Handwheel, 80 mm  | 12    | 28 mm  | 50        | 2.5 kg·cm²   | size by DIN 950, rest from memory
handwheel-100 | Handwheel, 100 mm | 15    | 38 mm  | 100       | 6 kg·cm²     | size by DIN 950, rest from memory
handwheel-125 | Handwheel, 125 mm | 18    | 50 mm  | 100       | 14 kg·cm²    | size by DIN 950, rest from memory
handwheel-160 | Handwheel, 160 mm | 25    | 66 mm  | 100       | 40 kg·cm²    | size by DIN 950, rest from memory
handwheel-200 | Handwheel, 200 mm | 35    | 86 mm  | 100       | 100 kg·cm²   | size by DIN 950, rest from memory
`,
);

export const gearedMotors = table(
  'motor',
  `
id                  | name                            | price | gear      | ratedTorque | stallTorque | noLoadSpeed | rotorInertia | basis
geared-24-spur      | Geared motor, spur, 1.2 N·m     | 25    | spur      | 1.2 N·m     | 5 N·m       | 120 rpm     | 12 kg·cm²    | typical, from memory
geared-36-planetary | Geared motor, planetary, 4 N·m  | 55    | planetary | 4 N·m       | 16 N·m      | 200 rpm     | 15 kg·cm²    | typical, from memory
geared-42-planetary | Geared motor, planetary, 10 N·m | 90    | planetary | 10 N·m      | 40 N·m      | 90 rpm      | 60 kg·cm²    | typical, from memory
geared-worm         | Geared motor, worm, 6 N·m       | 35    | worm      | 6 N·m       | 20 N·m      | 60 rpm      | 90 kg·cm²    | typical, from memory
`,
);
