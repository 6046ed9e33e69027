import { guess as m } from '../guess';
import type { BalanceKind, BalancePart } from './balance';

/**
 * A part that balances an axis to start from; all estimates out of memory. The rise of a gas spring is that
 * of the usual ones, 1.2 to 1.5.
 */
export function startingBalance(kind: BalanceKind, id: string, name: string = kind): BalancePart {
  switch (kind) {
    case 'weight':
      return { kind, id, name, mass: m('mass', '5 kg'), roping: m('ratio', '1'), count: m('count', '1') };
    case 'gas-spring':
      return {
        kind,
        id,
        name,
        force: m('force', '100 N'),
        rise: m('ratio', '1.3'),
        stroke: m('length', '200 mm'),
        pressed: m('length', '10 mm'),
        sealFriction: m('force', '15 N'),
        count: m('count', '1'),
      };
  }
}
