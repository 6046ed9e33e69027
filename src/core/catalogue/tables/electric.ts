import { table } from '../table';

/** Drivers of motors. */
export const drivers = table(
  'driver',
  `
id                | name                              | price | maxCurrent | maxVoltage | marking | basis
driver-2a         | Stepper driver 2 A, 28 V          | 9     | 2 A        | 28 V       | rms     | typical, from memory
driver-42         | Stepper driver 4.2 A crest, 50 V  | 22    | 4.2 A      | 50 V       | crest   | typical, from memory
driver-56         | Stepper driver 5.6 A crest, 50 V  | 28    | 5.6 A      | 50 V       | crest   | typical, from memory
driver-60         | Stepper driver 6 A crest, 80 V    | 48    | 6 A        | 80 V       | crest   | typical, from memory
driver-72         | Stepper driver 7.2 A crest, 80 V  | 52    | 7.2 A      | 80 V       | crest   | typical, from memory
driver-82         | Stepper driver 8.2 A crest, 110 V | 75    | 8.2 A      | 110 V      | crest   | typical, from memory
driver-80-rms     | Stepper driver 8 A RMS, 80 V      | 70    | 8 A        | 80 V       | rms     | typical, from memory
servo-drive       | Servo drive, low voltage          | 110   | 20 A       | 80 V       | rms     | typical, from memory
servo-drive-mains | Servo drive, mains                | 160   | 10 A       | 400 V      | rms     | typical, from memory
`,
);

/** Supplies. */
export const supplies = table(
  'supply',
  `
id             | name                | price | voltage | power  | capacitance | basis
supply-24-150  | Supply 24 V, 150 W  | 26    | 24 V    | 150 W  | 1200 µF     | typical, from memory
supply-24-350  | Supply 24 V, 350 W  | 44    | 24 V    | 350 W  | 2800 µF     | typical, from memory
supply-36-350  | Supply 36 V, 350 W  | 44    | 36 V    | 350 W  | 2800 µF     | typical, from memory
supply-48-350  | Supply 48 V, 350 W  | 44    | 48 V    | 350 W  | 2800 µF     | typical, from memory
supply-48-600  | Supply 48 V, 600 W  | 66    | 48 V    | 600 W  | 4800 µF     | typical, from memory
supply-60-600  | Supply 60 V, 600 W  | 66    | 60 V    | 600 W  | 4800 µF     | typical, from memory
supply-70-1000 | Supply 70 V, 1000 W | 102   | 70 V    | 1000 W | 8000 µF     | typical, from memory
supply-72-800  | Supply 72 V, 800 W  | 84    | 72 V    | 800 W  | 6400 µF     | typical, from memory
`,
);

/** Controllers by class. */
export const controllers = table(
  'controller',
  `
id                | name                                        | price | pulseLimit | basis
parallel-port     | Computer with parallel port, its own pulses | 0     | 35 kHz     | class of controller; pulse limit typical, from memory
board-8bit        | 8-bit motion board                          | 15    | 30 kHz     | class of controller; pulse limit typical, from memory
board-32bit       | 32-bit motion board                         | 45    | 200 kHz    | class of controller; pulse limit typical, from memory
board-32bit-fast  | 32-bit motion board with timers             | 70    | 400 kHz    | class of controller; pulse limit typical, from memory
pulse-engine      | External pulse engine                       | 120   | 1000 kHz   | class of controller; pulse limit typical, from memory
pulse-engine-fast | External pulse engine, fast                 | 180   | 4000 kHz   | class of controller; pulse limit typical, from memory
`,
);
