'use client';

import { reachOf, type TravelChain } from '@/core/machine';
import type { Axis } from '@/core/model';
import { formatNumber, formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import styles from '../fit.module.css';

type Say = (m: number) => string;
const share = (r: number) => `${formatNumber(100 * r, 3)} %`;

function railLines({ lengths: { railHoles, joints } }: TravelChain, say: Say): string[] {
  if (!railHoles) return [];
  const { count, pitch, end } = railHoles;
  return [
    `Cut with equal ends the rail has ${count} holes ${say(pitch)} apart, the first ${say(end)} ` +
      'from either end.',
    ...joints.map(
      ({ rail, at, toHole }) =>
        `Rail ${rail.toUpperCase()} is joined ${say(at)} from its near end, ${say(toHole)} from the ` +
        `nearest hole; the holes keep their pitch of ${say(pitch)} across it.`,
    ),
  ];
}

function overhangLines({ lengths: { overhang } }: TravelChain): string[] {
  if (!overhang) return [];
  const peak =
    overhang.peak === null ? '' : `; the peak in it is ${formatNumber(overhang.peak, 3)} times as high`;
  return [
    `Past its rail end a carriage keeps ${share(overhang.static)} of its static and ` +
      `${share(overhang.dynamic)} of its dynamic rating${peak}.`,
  ];
}

function reachLines(axis: Axis, chain: TravelChain, say: Say): string[] {
  const reach = reachOf(axis, chain);
  if (!reach) return [];
  const edge = (m: number, name: string) =>
    m < 0 ? `stays ${say(-m)} short of the ${name} edge` : `goes ${say(m)} past the ${name} edge`;
  return [
    `The tool reaches ${say(reach.common)} of the table: it ${edge(reach.before, 'near')} and ` +
      `${edge(reach.beyond, 'far')}.`,
  ];
}

/** What is cut to length, what the tool reaches, and what a carriage past its rail end costs. */
export function CutLines({ axis, chain }: { axis: Axis; chain: TravelChain }) {
  const { system } = useMachine();
  const { screw, belt, cable } = chain.lengths;
  const say: Say = (m) => formatQuantity('length', m, system, 5).text;
  const lines = [
    ...railLines(chain, say),
    ...(screw === null ? [] : [`The whole screw is ${say(screw)} long.`]),
    ...(belt === null ? [] : [`Cut the belt to ${say(belt)}.`]),
    ...(cable === null ? [] : [`The cable chain has ${cable.links} links, ${say(cable.length)} in all.`]),
    ...reachLines(axis, chain, say),
    ...overhangLines(chain),
  ];
  return lines.map((line) => (
    <p key={line} className={styles.missing}>
      {line}
    </p>
  ));
}
