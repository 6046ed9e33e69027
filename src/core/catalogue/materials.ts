import { quantity } from '@/core/units';

/**
 * Steel of drive screws. E 206 GPa and density 7850 kg/m³ are the figures used for screws in JIS B 1192 and
 * in the check values for whip; G follows from Poisson's ratio 0.3; thermal expansion of carbon steel
 * 11.5e-6 /K from memory (textbooks give 11 to 12).
 */
export const screwSteel = {
  modulus: quantity('modulus', 206e9),
  shearModulus: quantity('modulus', 206e9 / (2 * 1.3)),
  density: quantity('density', 7850),
  expansion: quantity('thermalExpansion', 11.5e-6),
} as const;
