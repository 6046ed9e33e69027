import type { BalanceKind } from '@/core/model';
import type { InputText } from './input-text';

/** What a part that balances an axis is called. */
export const balanceNames: Readonly<Record<BalanceKind, string>> = {
  weight: 'Counterweight',
  'gas-spring': 'Gas spring',
};

/** Inputs of such a part. */
export const balanceInputs: Readonly<Record<string, InputText>> = {
  mass: { label: 'Weighs', help: 'One of them. It is sped up with the axis.' },
  roping: {
    label: 'Runs per length of the axis',
    help:
      'On a plain rope 1. On a tackle that lets it run half as far 0.5: it then pulls with half its ' +
      'weight. ' +
      'With 2 it pulls with twice its weight and is felt four times when it is sped up.',
  },
  count: { label: 'How many' },
  force: { label: 'Force, rod out', help: 'Of one: the number that is printed on it.' },
  rise: {
    label: 'Force in over out',
    help: 'How much more it pushes with the rod pressed in: 1.2 to 1.5 by most datasheets.',
  },
  stroke: { label: 'Stroke' },
  pressed: {
    label: 'Pressed in at the top',
    help: 'Where the axis stands highest; some 10 mm keep the rod off its end.',
  },
  sealFriction: {
    label: 'Seal holds back',
    help: 'Friction of one. It counts as drag, and never as what holds the weight.',
  },
};
