import { table } from '../table';

/** Planetary reducers. */
export const planetaryReducers = table(
  'reducer',
  `
id               | name                     | price | ratio | efficiency | inertia       | backlash  | inputSpeed | torqueLimit | stiffness     | basis
planetary-42-3   | Planetary 42 mm, 3 : 1   | 49    | 3     | 0.94       | 0.03 kg·cm²   | 8 arcmin  | 4000 rpm   | 9 N·m       | 2000 N·m/rad  | typical, from memory
planetary-42-5   | Planetary 42 mm, 5 : 1   | 51    | 5     | 0.94       | 0.0187 kg·cm² | 8 arcmin  | 4000 rpm   | 9 N·m       | 2000 N·m/rad  | typical, from memory
planetary-42-10  | Planetary 42 mm, 10 : 1  | 56    | 10    | 0.94       | 0.0187 kg·cm² | 8 arcmin  | 4000 rpm   | 6.75 N·m    | 2000 N·m/rad  | typical, from memory
planetary-42-20  | Planetary 42 mm, 20 : 1  | 66    | 20    | 0.9        | 0.0187 kg·cm² | 12 arcmin | 4000 rpm   | 6.75 N·m    | 2000 N·m/rad  | typical, from memory
planetary-60-3   | Planetary 60 mm, 3 : 1   | 69    | 3     | 0.94       | 0.12 kg·cm²   | 8 arcmin  | 4000 rpm   | 30 N·m      | 7000 N·m/rad  | typical, from memory
planetary-60-5   | Planetary 60 mm, 5 : 1   | 71    | 5     | 0.94       | 0.075 kg·cm²  | 8 arcmin  | 4000 rpm   | 30 N·m      | 7000 N·m/rad  | typical, from memory
planetary-60-10  | Planetary 60 mm, 10 : 1  | 76    | 10    | 0.94       | 0.075 kg·cm²  | 8 arcmin  | 4000 rpm   | 22.5 N·m    | 7000 N·m/rad  | typical, from memory
planetary-60-20  | Planetary 60 mm, 20 : 1  | 86    | 20    | 0.9        | 0.075 kg·cm²  | 12 arcmin | 4000 rpm   | 22.5 N·m    | 7000 N·m/rad  | typical, from memory
planetary-90-3   | Planetary 90 mm, 3 : 1   | 102   | 3     | 0.94       | 0.6 kg·cm²    | 8 arcmin  | 3500 rpm   | 90 N·m      | 24000 N·m/rad | typical, from memory
planetary-90-5   | Planetary 90 mm, 5 : 1   | 104   | 5     | 0.94       | 0.375 kg·cm²  | 8 arcmin  | 3500 rpm   | 90 N·m      | 24000 N·m/rad | typical, from memory
planetary-90-10  | Planetary 90 mm, 10 : 1  | 109   | 10    | 0.94       | 0.375 kg·cm²  | 8 arcmin  | 3500 rpm   | 67.5 N·m    | 24000 N·m/rad | typical, from memory
planetary-90-20  | Planetary 90 mm, 20 : 1  | 119   | 20    | 0.9        | 0.375 kg·cm²  | 12 arcmin | 3500 rpm   | 67.5 N·m    | 24000 N·m/rad | typical, from memory
planetary-120-3  | Planetary 120 mm, 3 : 1  | 135   | 3     | 0.94       | 2.2 kg·cm²    | 8 arcmin  | 3000 rpm   | 200 N·m     | 60000 N·m/rad | typical, from memory
planetary-120-5  | Planetary 120 mm, 5 : 1  | 137   | 5     | 0.94       | 1.38 kg·cm²   | 8 arcmin  | 3000 rpm   | 200 N·m     | 60000 N·m/rad | typical, from memory
planetary-120-10 | Planetary 120 mm, 10 : 1 | 142   | 10    | 0.94       | 1.38 kg·cm²   | 8 arcmin  | 3000 rpm   | 150 N·m     | 60000 N·m/rad | typical, from memory
planetary-120-20 | Planetary 120 mm, 20 : 1 | 152   | 20    | 0.9        | 1.38 kg·cm²   | 12 arcmin | 3000 rpm   | 150 N·m     | 60000 N·m/rad | typical, from memory
`,
);
