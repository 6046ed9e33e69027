'use client';

import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { accelerationName, verdictWords } from '@/words';
import { useAxis } from '../axis-context';
import { Asked, AskedName, ladderScale, Rungs } from '../rungs';
import styles from '../sheet.module.css';

/** A limit so many times what is asked stands at the top of the stiles. */
const FAR = 30;

/** Accelerations at which each thing gives out, on the stiles of the speed ladder; what is asked across. */
export function AccelerationLadder({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  const { axis, report } = useAxis();
  const asked = axis.demands.acceleration.si;
  if (!report.accelerations.length)
    return (
      <p className={styles.note}>
        {axis.drive.kind === 'crank'
          ? 'A crank accelerates as its speed has it: see Move for the whole turn.'
          : 'A hand takes its time: nothing is asked of it here.'}
      </p>
    );
  const rungs = [...report.accelerations].sort((a, b) => b.limit - a.limit);
  const scale = ladderScale([...rungs.map((r) => r.limit), asked], FAR * asked);
  const say = (v: number) => formatQuantity('acceleration', v, system, 2).number;
  const at = scale.y(asked);
  return (
    <Rungs
      label="Acceleration ladder"
      guessed={report.ours.length > 0}
      scale={scale}
      rungs={rungs.map(({ id, limit, verdict, line }) => ({
        id,
        name: accelerationName[id],
        limit,
        verdict,
        figure: say(limit),
        words:
          `${accelerationName[id]}: ${formatQuantity('acceleration', limit, system, 3).text}, ` +
          `${verdictWords[verdict]}`,
        onOpen: () => onWorking(line),
      }))}
      under={<Asked at={at} />}
      over={<AskedName at={at - 4}>asked {say(asked)}</AskedName>}
    />
  );
}
