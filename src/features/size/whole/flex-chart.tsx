'use client';

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { FlexReport } from '@/core/machine';
import { displayUnit, formatNumber, type UnitSystem, smallUnit } from '@/core/units';

/** Sag and stiffness along the travel of the gantry axis, for the gantry in the middle of its bed. */
export function FlexChart({
  flex,
  what,
  at,
  system,
}: {
  flex: FlexReport;
  what: 'sag' | 'stiffness';
  at: number;
  system: UnitSystem;
}) {
  const unit = displayUnit('length', system);
  const middle = flex.stations[Math.floor(flex.stations.length / 2)]!;
  const small = smallUnit(system);
  const stiffness = displayUnit('stiffness', system);
  const rows = middle.map((s) => ({
    at: unit.fromSi(s.at),
    sag: -small.fromSi(s.sag),
    x: stiffness.fromSi(1 / s.compliance[0]!),
    y: stiffness.fromSi(1 / s.compliance[1]!),
    z: stiffness.fromSi(1 / s.compliance[2]!),
  }));
  const axis = { stroke: 'var(--rc-soft)', tick: { fill: 'var(--rc-soft)', fontSize: 11 } } as const;
  return (
    <ResponsiveContainer width="100%" height="100%">
      <LineChart data={rows} margin={{ top: 6, right: 10, bottom: 0, left: 0 }}>
        <CartesianGrid stroke="var(--rc-hair)" vertical={false} />
        <XAxis
          dataKey="at"
          type="number"
          domain={['dataMin', 'dataMax']}
          tickFormatter={(v: number) => formatNumber(v, 3)}
          {...axis}
        />
        <YAxis
          width={44}
          tickFormatter={(v: number) => formatNumber(v, 3)}
          domain={what === 'sag' ? ['auto', 'auto'] : [0, 'auto']}
          {...axis}
        />
        <ReferenceLine x={unit.fromSi(at)} stroke="var(--rc-blue)" strokeDasharray="4 3" />
        {what === 'sag' && (
          <Line
            dataKey="sag"
            stroke="var(--rc-ink)"
            dot={false}
            strokeWidth={1.8}
            isAnimationActive={false}
          />
        )}
        {what === 'stiffness' &&
          (
            [
              ['x', '', 'var(--rc-blue)'],
              ['y', '6 3', 'var(--rc-ink)'],
              ['z', '2 3', 'var(--rc-amber)'],
            ] as const
          ).map(([key, dash, colour]) => (
            <Line
              key={key}
              dataKey={key}
              stroke={colour}
              strokeDasharray={dash}
              dot={false}
              strokeWidth={1.8}
              isAnimationActive={false}
            />
          ))}
      </LineChart>
    </ResponsiveContainer>
  );
}
