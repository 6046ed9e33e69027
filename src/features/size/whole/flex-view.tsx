'use client';

import { useState } from 'react';
import { type FlexReport, type WayId, ways } from '@/core/machine';
import type { Project, Role } from '@/core/model';
import { displayUnit, formatQuantity, smallUnit } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { part } from '@/ui/part';
import { Slide } from '@/ui/slide';
import { Toggle } from '@/ui/toggle';
import { inputLabel, micro, stiffnessText, wayText } from '@/words';
import { AreaMap } from './area-map';
import { BudgetBar } from './budget-bar';
import { GantryDrawing } from './gantry-drawing';
import styles from './whole.module.css';

const FlexChart = part(() => import('./flex-chart').then((m) => m.FlexChart));

type Curve = 'sag' | 'stiffness' | 'area';
const curves = [
  ['sag', 'Sag'],
  ['stiffness', 'Stiffness'],
  ['area', 'Area'],
] as const;
const curveNames = Object.fromEntries(curves);

/** Pushes at the tool to look at, N. */
const pushes = [0, 20, 50, 100, 200, 500] as const;

const rolesOf: Record<WayId, readonly Role[]> = { x: ['bed', 'table'], y: ['gantry'], z: ['plunge'] };

/** A direction by the letter of its axis and in words. */
function wayName(project: Project, way: WayId): string {
  const letter = project.axes.find((a) => rolesOf[way].includes(a.role))?.letter;
  return `${letter ?? '?'}, ${wayText[way]}`;
}

interface FlexViewProps {
  readonly flex: FlexReport;
  readonly way: WayId;
  readonly onWay: (way: WayId) => void;
}

/** How the machine bends: the drawing that is pushed, what gives, and curves over the travel. */
export function FlexView({ flex, way, onWay }: FlexViewProps) {
  const { project, system } = useMachine();
  const [index, setIndex] = useState(Math.floor(flex.shapes.length / 2));
  const [push, setPush] = useState(100);
  const here = Math.min(index, flex.shapes.length - 1);
  const { at } = flex.shapes[here]!;
  return (
    <>
      <div className={styles.box}>
        <GantryDrawing
          project={project}
          structure={project.structure!}
          flex={flex}
          index={here}
          way={way}
          push={push}
          onIndex={setIndex}
        />
        <div className={styles.controls}>
          <Slide
            label="Tool along the beam"
            value={here}
            max={flex.shapes.length - 1}
            step={1}
            onSlide={setIndex}
            text={formatQuantity('length', at, system, 4).text}
          />
          <Toggle
            label="Push at the tool"
            options={ways.map((w) => [w, wayName(project, w)] as const)}
            value={way}
            onPick={onWay}
          />
          <Choice
            label="pushed with"
            value={push}
            options={pushes.map(
              (n) => [n, n === 0 ? 'nothing' : formatQuantity('force', n, system, 3).text] as const,
            )}
            onPick={setPush}
          />
        </div>
      </div>
      <div className={styles.lower}>
        <WhatGives flex={flex} way={way} here={here} />
        <Curves flex={flex} way={way} at={at} />
      </div>
    </>
  );
}

function WhatGives({ flex, way, here }: { flex: FlexReport; way: WayId; here: number }) {
  const { project, system } = useMachine();
  const missing = [...new Set(flex.missing.map(inputLabel))].join(', ').toLowerCase();
  const { stiffness, at } = flex.softest[way];
  return (
    <div className={styles.box}>
      <BudgetBar
        shares={flex.budgets[here]![way]}
        way={wayText[way]}
        arrangement={project.brief.arrangement}
        system={system}
      />
      <p className={styles.hint}>
        Softest over the area, {wayName(project, way)}: <b>{stiffnessText(stiffness, system)}</b> at{' '}
        {formatQuantity('length', at, system, 4).text}; stiffest {stiffnessText(flex.stiffest[way], system)}.
        {missing && ` Not given and taken as rigid: ${missing}. So at least this much gives.`}
      </p>
    </div>
  );
}

function Curves({ flex, way, at }: { flex: FlexReport; way: WayId; at: number }) {
  const { system } = useMachine();
  const [what, setWhat] = useState<Curve>('sag');
  const length = displayUnit('length', system).symbol;
  const { symbol: unit } = what === 'stiffness' ? displayUnit('stiffness', system) : smallUnit(system);
  const softest = ways
    .map((w) => `${wayText[w]} ${stiffnessText(flex.softest[w].stiffness, system)}`)
    .join(', ');
  const words =
    `${curveNames[what]} along travel: sag differs by ${micro(flex.sag.spread, system)} over the area; ` +
    `${softest} at the softest place`;
  return (
    <div className={styles.box}>
      <div className={styles.views}>
        <Toggle label="Curve" options={curves} value={what} onPick={setWhat} />
        <span>{what === 'area' ? 'dark is soft' : `${unit} over ${length}`}</span>
      </div>
      <div className={styles.chart} {...(what === 'area' ? {} : { role: 'img', 'aria-label': words })}>
        {what === 'area' ? (
          <AreaMap flex={flex} way={way} at={at} system={system} />
        ) : (
          <FlexChart flex={flex} what={what} at={at} system={system} />
        )}
      </div>
      <p className={styles.hint}>
        <CurveNote flex={flex} way={way} what={what} />
      </p>
    </div>
  );
}

function CurveNote({ flex, way, what }: { flex: FlexReport; way: WayId; what: Curve }) {
  const { project, system } = useMachine();
  const name = (w: WayId) => wayName(project, w);
  if (what === 'sag')
    return (
      <>
        Hangs {micro(flex.sag.most, system)} at the most, {micro(flex.sag.spread, system)} from place to
        place: that is what a cut shows.
      </>
    );
  if (what === 'stiffness')
    return (
      <>
        Whole line {name('x')}; dashes {name('y')}; dots {name('z')}.
      </>
    );
  return (
    <>
      {name(way)}: {stiffnessText(flex.softest[way].stiffness, system)} to{' '}
      {stiffnessText(flex.stiffest[way], system)} at the tool, for {flex.bedPlaces.length} places along the
      bed.
    </>
  );
}
