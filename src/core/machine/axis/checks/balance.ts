import { atLeast, exactly } from '@/core/findings';
import { offer } from '../candidates';
import { measured } from '../candidates/edits';
import { axisCheck } from './subject';

/** A rod is not pressed onto its end: so much stays, m; common practice, no source. */
const STAYS = 0.005;
/** Strokes are bought in steps, m; common practice, no source. */
const STEP = 0.05;

const gasStroke = axisCheck({
  code: 'gas-stroke',
  judge: ({ analysis: { axis } }) =>
    axis.loads.balance.flatMap((part, i) => {
      if (part.kind !== 'gas-spring') return [];
      return [
        exactly(
          atLeast({
            code: 'gas-stroke',
            path: `loads.balance.${i}.stroke`,
            kind: 'length',
            have: part.stroke.si,
            need: part.pressed.si + axis.demands.travel.si + STAYS,
            about: part.id,
            params: { name: part.name, travel: axis.demands.travel.si, pressed: part.pressed.si },
          }),
        ),
      ];
    }),
  candidates: (_, { path, limit }) => {
    const to = Math.ceil(limit / STEP) * STEP;
    return [offer('longer-stroke', [{ path, value: measured(path, to) }], { to })];
  },
});

const overBalanced = axisCheck({
  code: 'over-balanced',
  judge: ({ analysis: { axis, balance, drag } }) => {
    if (!balance.ends) return undefined;
    const least = Math.min(balance.ends.top.left, balance.ends.bottom.left);
    if (least >= 0) return undefined;
    const found = atLeast({
      code: 'over-balanced',
      path: axis.loads.balance.length ? 'loads.balance' : 'loads.counterbalance',
      kind: 'force',
      have: drag,
      need: -least,
      line: (balance.ends.top.left < balance.ends.bottom.left ? balance.ends.top : balance.ends.bottom).line,
    });
    // What is pushed up is held by drag, drive or motor; that it rises is said, whatever holds it.
    return { ...found, verdict: found.margin >= 1 ? 'holds' : 'thin' };
  },
});

/** Counterweights and gas springs by their own limits. */
export const balanceChecks = [gasStroke, overBalanced] as const;
