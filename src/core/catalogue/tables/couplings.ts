import { table } from '../table';

/** Couplings by their outer diameter. */
export const couplings = table(
  'coupling',
  `
id         | name                           | price              | kind    | inertia       | stiffness    | torqueLimit | backlash | basis
beam-19    | Beam coupling 19 mm            | 11.7               | beam    | 0.0152 kg·cm² | 52.7 N·m/rad | 0.702 N·m   | 0 °      | typical, from memory
bellows-19 | Bellows coupling 19 mm         | 37                 | bellows | 0.0177 kg·cm² | 483 N·m/rad  | 0.966 N·m   | 0 °      | typical, from memory
disc-19    | Disc coupling 19 mm            | 34                 | disc    | 0.0203 kg·cm² | 615 N·m/rad  | 1.1 N·m     | 0 °      | typical, from memory
jaw-19     | Jaw coupling 19 mm with spider | 15.6               | jaw     | 0.0203 kg·cm² | 114 N·m/rad  | 2.19 N·m    | 0 °      | typical, from memory
beam-25    | Beam coupling 25 mm            | 13.5               | beam    | 0.06 kg·cm²   | 120 N·m/rad  | 1.6 N·m     | 0 °      | typical, from memory
bellows-25 | Bellows coupling 25 mm         | 43                 | bellows | 0.07 kg·cm²   | 1100 N·m/rad | 2.2 N·m     | 0 °      | typical, from memory
disc-25    | Disc coupling 25 mm            | 40                 | disc    | 0.08 kg·cm²   | 1400 N·m/rad | 2.5 N·m     | 0 °      | typical, from memory
jaw-25     | Jaw coupling 25 mm with spider | 18                 | jaw     | 0.08 kg·cm²   | 260 N·m/rad  | 5 N·m       | 0 °      | typical, from memory
beam-30    | Beam coupling 30 mm            | 15                 | beam    | 0.149 kg·cm²  | 207 N·m/rad  | 2.76 N·m    | 0 °      | typical, from memory
bellows-30 | Bellows coupling 30 mm         | 48                 | bellows | 0.174 kg·cm²  | 1900 N·m/rad | 3.8 N·m     | 0 °      | typical, from memory
disc-30    | Disc coupling 30 mm            | 45                 | disc    | 0.199 kg·cm²  | 2420 N·m/rad | 4.32 N·m    | 0 °      | typical, from memory
jaw-30     | Jaw coupling 30 mm with spider | 20                 | jaw     | 0.199 kg·cm²  | 449 N·m/rad  | 8.64 N·m    | 0 °      | typical, from memory
beam-40    | Beam coupling 40 mm            | 18                 | beam    | 0.629 kg·cm²  | 492 N·m/rad  | 6.55 N·m    | 0 °      | typical, from memory
bellows-40 | Bellows coupling 40 mm         | 58                 | bellows | 0.734 kg·cm²  | 4510 N·m/rad | 9.01 N·m    | 0 °      | typical, from memory
disc-40    | Disc coupling 40 mm            | 55                 | disc    | 0.839 kg·cm²  | 5730 N·m/rad | 10.2 N·m    | 0 °      | typical, from memory
jaw-40     | Jaw coupling 40 mm with spider | 24                 | jaw     | 0.839 kg·cm²  | 1060 N·m/rad | 20.5 N·m    | 0 °      | typical, from memory
`,
);
