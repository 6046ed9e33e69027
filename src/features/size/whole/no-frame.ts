import type { Flex } from '@/core/machine';

/** Why nothing is known of how the machine bends. */
export const noFrame: Record<Extract<Flex, { ok: false }>['reason'], string> = {
  'no-structure': 'The frame is not planned yet, so nothing is known of sag and twist.',
  'no-gantry-axis':
    'The frame needs an axis across (gantry) and one along the bed. Add them on the first page of the ' +
    'machine, or pick another arrangement in the brief.',
  loose:
    'This frame does not stand: something in it is held by nothing. Look at the stiffness of ' +
    'carriages and supports.',
};
