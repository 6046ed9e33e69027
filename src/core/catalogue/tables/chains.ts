import { table } from '../table';

/** Roller chains. */
export const chains = table(
  'drive',
  `
id        | name               | price | pitch    | breakingLoad | tensileStiffness | lineMass  | basis
chain-04b | Roller chain 04B-1 | 12    | 6 mm     | 3 kN         | 300 kN           | 0.12 kg/m | ISO 606 for pitch and tensile strength; mass and stiffness typical, from memory
chain-05b | Roller chain 05B-1 | 14    | 8 mm     | 4.4 kN       | 440 kN           | 0.18 kg/m | ISO 606 for pitch and tensile strength; mass and stiffness typical, from memory
chain-06b | Roller chain 06B-1 | 16    | 9.525 mm | 8.9 kN       | 890 kN           | 0.41 kg/m | ISO 606 for pitch and tensile strength; mass and stiffness typical, from memory
chain-08b | Roller chain 08B-1 | 19    | 12.7 mm  | 17.8 kN      | 1780 kN          | 0.7 kg/m  | ISO 606 for pitch and tensile strength; mass and stiffness typical, from memory
`,
);

/** Sprockets for them. */
export const sprockets = table(
  'drive',
  `
id              | name                   | price | pitch    | teeth | inertia        | basis
sprocket-04b-11 | Sprocket 04B, 11 teeth | 7     | 6 mm     | 11    | 0.01902 kg·cm² | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-04b-13 | Sprocket 04B, 13 teeth | 8     | 6 mm     | 13    | 0.03654 kg·cm² | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-04b-15 | Sprocket 04B, 15 teeth | 9     | 6 mm     | 15    | 0.06414 kg·cm² | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-04b-17 | Sprocket 04B, 17 teeth | 9     | 6 mm     | 17    | 0.1051 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-04b-19 | Sprocket 04B, 19 teeth | 10    | 6 mm     | 19    | 0.1633 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-04b-21 | Sprocket 04B, 21 teeth | 10    | 6 mm     | 21    | 0.2429 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-04b-25 | Sprocket 04B, 25 teeth | 12    | 6 mm     | 25    | 0.4857 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-05b-11 | Sprocket 05B, 11 teeth | 8     | 8 mm     | 11    | 0.06013 kg·cm² | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-05b-13 | Sprocket 05B, 13 teeth | 9     | 8 mm     | 13    | 0.1155 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-05b-15 | Sprocket 05B, 15 teeth | 10    | 8 mm     | 15    | 0.2027 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-05b-17 | Sprocket 05B, 17 teeth | 11    | 8 mm     | 17    | 0.3323 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-05b-19 | Sprocket 05B, 19 teeth | 12    | 8 mm     | 19    | 0.5161 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-05b-21 | Sprocket 05B, 21 teeth | 12    | 8 mm     | 21    | 0.7677 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-05b-25 | Sprocket 05B, 25 teeth | 14    | 8 mm     | 25    | 1.535 kg·cm²   | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-06b-11 | Sprocket 06B, 11 teeth | 9     | 9.525 mm | 11    | 0.1208 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-06b-13 | Sprocket 06B, 13 teeth | 10    | 9.525 mm | 13    | 0.2321 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-06b-15 | Sprocket 06B, 15 teeth | 11    | 9.525 mm | 15    | 0.4074 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-06b-17 | Sprocket 06B, 17 teeth | 12    | 9.525 mm | 17    | 0.6677 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-06b-19 | Sprocket 06B, 19 teeth | 13    | 9.525 mm | 19    | 1.037 kg·cm²   | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-06b-21 | Sprocket 06B, 21 teeth | 14    | 9.525 mm | 21    | 1.543 kg·cm²   | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-06b-25 | Sprocket 06B, 25 teeth | 16    | 9.525 mm | 25    | 3.085 kg·cm²   | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-08b-11 | Sprocket 08B, 11 teeth | 11    | 12.7 mm  | 11    | 0.3819 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-08b-13 | Sprocket 08B, 13 teeth | 12    | 12.7 mm  | 13    | 0.7335 kg·cm²  | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-08b-15 | Sprocket 08B, 15 teeth | 14    | 12.7 mm  | 15    | 1.288 kg·cm²   | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-08b-17 | Sprocket 08B, 17 teeth | 15    | 12.7 mm  | 17    | 2.11 kg·cm²    | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-08b-19 | Sprocket 08B, 19 teeth | 16    | 12.7 mm  | 19    | 3.278 kg·cm²   | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-08b-21 | Sprocket 08B, 21 teeth | 17    | 12.7 mm  | 21    | 4.876 kg·cm²   | ISO 606 for the pitch; inertia of two solid steel discs
sprocket-08b-25 | Sprocket 08B, 25 teeth | 20    | 12.7 mm  | 25    | 9.75 kg·cm²    | ISO 606 for the pitch; inertia of two solid steel discs
`,
);
