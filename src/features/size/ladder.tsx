'use client';

import type { AxisDoubt } from '@/core/doubt';
import type { Rung } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { useAfterPaint } from '@/ui/use-after-paint';
import { remedyText, rungName, verdictWords } from '@/words';
import { useAxis } from './axis-context';
import { Asked, AskedName, ladderScale, Rungs, type RungShown } from './rungs';

/** A limit so many times what is asked stands at the top of the stiles. */
const FAR = 12;
/** Lines closer than so share one name. */
const APART = 13;

interface LadderProps {
  readonly doubt: AxisDoubt;
  readonly onWorking: (line: string) => void;
}

/** Speeds at which each thing gives out, lowest heavy; what is asked is drawn across in blue. */
export function Ladder({ doubt, onWorking }: LadderProps) {
  const { system } = useMachine();
  const { axis, report } = useAxis();
  // What may help is said on pointing: the verdict need not wait for it.
  const later = useAfterPaint(report);
  const [rapid, feed] = [axis.demands.rapid.si, axis.demands.feed.si];
  const scale = ladderScale([...report.ladder.map((r) => r.limit), rapid, feed], FAR * rapid);
  const say = (v: number) => formatQuantity('speed', v, system, 3).number;
  const rungs = [...report.ladder].sort((a, b) => b.limit - a.limit);
  const shown = rungs.map((rung: Rung): RungShown => {
    const off = doubt.rungs.find((d) => d.id === rung.id)?.halfWidth ?? 0;
    const words =
      `${rungName[rung.id]}: ${formatQuantity('speed', rung.limit, system, 3).text} ± ` +
      `${formatQuantity('speed', off, system, 2).number}, ${verdictWords[rung.verdict]}`;
    const remedy = later.findings.find((f) => f.code === rung.id)?.remedies[0];
    const becomes =
      remedy?.becomes == null ? 'gone' : formatQuantity('speed', remedy.becomes, system, 3).text;
    return {
      id: rung.id,
      name: rungName[rung.id],
      limit: rung.limit,
      verdict: rung.verdict,
      figure: say(rung.limit),
      words,
      ...(remedy ? { title: `${words}. ${remedyText(remedy, system)} → ${becomes}` } : {}),
      off,
      onOpen: () => onWorking(rung.line),
    };
  });
  const [atRapid, atFeed] = [scale.y(rapid), scale.y(feed)];
  // The name of a wish stands above its line, below it where a rung is in the way.
  const beside = (at: number) => {
    const taken = rungs.some((r) => scale.y(r.limit) > at - 15 && scale.y(r.limit) < at + 1);
    return taken ? at + 12 : at - 4;
  };
  return (
    <Rungs
      label="Speed ladder"
      guessed={report.ours.length > 0}
      scale={scale}
      rungs={shown}
      under={
        <>
          <Asked at={atRapid} />
          <Asked at={atFeed} fine />
        </>
      }
      over={
        <>
          <AskedName at={beside(atRapid)}>rapid {say(rapid)}</AskedName>
          {Math.abs(atFeed - atRapid) > APART && (
            <AskedName at={beside(atFeed)} fine>
              feed {say(feed)}
            </AskedName>
          )}
        </>
      }
    />
  );
}
