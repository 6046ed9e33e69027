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

/**
 * What sliding nuts on steel screws stand: pressure on the flank at low speed, pressure times rubbing speed
 * without a rest, and the fastest rubbing.
 *
 * Bronze: Shigley, table of bearing pressures of power screws (after Rothbart): 1600 psi up to 10 ft/min, and
 * at 50 ft/min 150 psi, which is the least pressure times speed of its rows. Plastic: unfilled acetal, 1000
 * psi and 3000 psi·ft/min, as tables of plastic bearings give them (memory). Printed thermoplastics and all
 * rubbing speeds: common practice, no source; a printed nut softens long before it wears.
 */
export const nutMaterials = {
  bronze: {
    pressure: quantity('modulus', 11.0e6),
    pressureSpeed: quantity('pressureSpeed', 0.263e6),
    speed: quantity('speed', 0.5),
  },
  plastic: {
    pressure: quantity('modulus', 6.9e6),
    pressureSpeed: quantity('pressureSpeed', 0.105e6),
    speed: quantity('speed', 0.5),
  },
  printed: {
    pressure: quantity('modulus', 2e6),
    pressureSpeed: quantity('pressureSpeed', 0.02e6),
    speed: quantity('speed', 0.15),
  },
} as const;
