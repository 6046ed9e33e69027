import { it } from 'vitest';
import { SEED, WIDE } from '@test/helpers/chance';
import { heldWhole } from '@test/helpers/gcode-spoilt';

it('a hundred thousand spoilt programs: no crash, no hang, no silent guess', () =>
  heldWhole(100_000 * WIDE, SEED));
