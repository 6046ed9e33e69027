'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { AxisWorking } from '@/features/findings';
import { machineHref, SheetHead, type SheetTab, useKnown, useMachine } from '@/features/frame';
import { Toggle } from '@/ui/toggle';
import { useTrail } from '@/ui/use-trail';
import { ChainView } from './chain/chain-view';
import { EndsView } from './ends/ends-view';
import styles from './fit.module.css';
import { InsteadView } from './instead/instead-view';
import { PlateView } from './plates/plate-view';
import { RoomView } from './room/room-view';
import { StackView } from './stacks/stack-view';
import { TablesView } from './tables/tables-view';
import { type FitPage } from './page';
import { fitViewNames, fitViews, type FitViewId } from './views';

const viewParts: Record<FitViewId, (page: FitPage) => React.ReactNode> = {
  chain: (page) => <ChainView {...page} />,
  stacks: (page) => <StackView {...page} />,
  ends: (page) => <EndsView {...page} />,
  plates: (page) => <PlateView {...page} />,
  instead: (page) => <InsteadView {...page} />,
  room: (page) => <RoomView {...page} />,
  tables: (page) => <TablesView {...page} />,
};

const isView = (text: string | null): text is FitViewId => fitViews.some((v) => v === text);

/** The Fit station: whether an axis goes together. */
export function FitStation() {
  const asked = useSearchParams();
  const router = useRouter();
  const { project } = useMachine();
  const { loaded } = useKnown();
  const { trail, onWorking, onTrail } = useTrail();
  const view = asked.get('v');
  const shown = isView(view) ? view : 'chain';
  const hrefOf = (axis: string, at: FitViewId) => `${machineHref('fit', project.id, axis)}&v=${at}`;
  const index = Math.max(
    0,
    project.axes.findIndex((a) => a.id === asked.get('a')),
  );
  const { loaded: axis, report } = loaded[index]!;
  const tabs = project.axes.map((a, i): SheetTab => ({
    id: a.id,
    title: a.name,
    note: a.letter,
    href: hrefOf(a.id, shown),
    here: i === index,
    verdict: loaded[i]!.report.verdict,
    guessed: loaded[i]!.report.ours.length > 0,
  }));
  const page: FitPage = {
    axis,
    index,
    report,
    onWorking,
    views: (
      <Toggle
        label="What is looked at"
        className={styles.views}
        options={fitViews.map((v) => [v, fitViewNames[v]] as const)}
        value={shown}
        onPick={(v) => router.replace(hrefOf(axis.id, v), { scroll: false })}
      />
    ),
  };
  return (
    <div className={styles.fit}>
      <div className={styles.head}>
        <SheetHead label="Axes" tabs={tabs} />
      </div>
      <div key={`${axis.id} ${shown}`} className={styles.view}>
        {viewParts[shown](page)}
      </div>
      <AxisWorking axis={axis} trail={trail} onTrail={onTrail} />
    </div>
  );
}
