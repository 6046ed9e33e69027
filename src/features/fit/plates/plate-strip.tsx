'use client';

import { memo, useState } from 'react';
import { usualSpots } from '@/core/formats';
import type { PlateReport } from '@/core/machine';
import { parseQuantity, type UnitSystem } from '@/core/units';
import { plateFile, type PlateFormat } from '@/drawings';
import { useWriting, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { TextLine } from '@/ui/text-line';
import own from './plates.module.css';

const files: readonly (readonly [PlateFormat, string, string])[] = [
  ['dxf', 'DXF', 'a layer for each tool, mm'],
  ['svg', 'SVG', 'one unit is 1 mm'],
  ['pdf', 'Template 1 : 1', 'rulers both ways'],
  ['csv', 'Drill list', 'from the corner'],
  ['gcode', 'Spot drilling', 'front face, air pass first'],
  ['sheet', 'Machining sheet', 'what is tight, and why'],
];
const paperNames = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const;
const passes = [
  ['air', 'air pass'],
  ['cut', 'cuts'],
] as const;
const RULER = 0.1;

/** A ruler's reading as a scale; nothing where it is no length near 100 mm. */
function scaleFor(text: string, system: UnitSystem): number | null {
  if (!text.trim()) return 1;
  const read = parseQuantity('length', text, system === 'metric' ? 'mm' : 'in');
  return read.ok && read.si > 0.09 && read.si < 0.11 ? RULER / read.si : null;
}

interface StripProps {
  readonly plate: PlateReport;
  /** Whether something of it gives out: then nothing is written before somebody says so. */
  readonly held: boolean;
}

/** What a plate is handed out as. */
export const PlateStrip = memo(function PlateStrip({ plate, held }: StripProps) {
  const { system } = useMachine();
  const [paper, setPaper] = useState<'a4' | 'letter'>(system === 'metric' ? 'a4' : 'letter');
  const [read, setRead] = useState({ across: '', down: '' });
  const [anyway, setAnyway] = useState(false);
  const [pass, setPass] = useState<'air' | 'cut'>('air');
  const made = useWriting();
  const scale = { x: scaleFor(read.across, system), y: scaleFor(read.down, system) };
  const write = (as: PlateFormat) =>
    made.write(async () => {
      const { papers } = await import('@/core/print');
      return plateFile(plate, as, {
        system,
        paper: papers[paper],
        scale: { x: scale.x ?? 1, y: scale.y ?? 1 },
        spots: { ...usualSpots, units: system === 'metric' ? 'mm' : 'inch', air: pass === 'air' },
        made: new Date(),
      });
    });
  const ruler = (side: 'across' | 'down') => (text: string) =>
    scaleFor(text, system) === null
      ? `Read “${text}”; wanted what the ruler of 100 mm measures, 90 to 110 mm.`
      : setRead({ ...read, [side]: text });
  const ready = plate.holes.length > 0 && (!held || anyway);
  return (
    <section aria-labelledby="to-the-drill" className={own.strip}>
      <h3 id="to-the-drill">
        Take it to the drill{' '}
        {held && !anyway && (
          <Action onAct={() => setAnyway(true)}>held until what gives out is settled: write it anyway</Action>
        )}
      </h3>
      <div className={own.files}>
        {files.map(([as, name, note]) => (
          <div key={as}>
            <Action disabled={!ready} onAct={() => void write(as)}>
              {name}
            </Action>
            <span>{note}</span>
          </div>
        ))}
      </div>
      <div className={own.print}>
        <Choice label="Paper" value={paper} options={paperNames} onPick={setPaper} />
        <Choice label="Spot drilling" value={pass} options={passes} onPick={setPass} />
        <label>
          Ruler across read
          <TextLine
            label="Ruler across read"
            value={read.across}
            placeholder="100 mm"
            maxLength={20}
            optional
            onText={ruler('across')}
          />
        </label>
        <label>
          Ruler down read
          <TextLine
            label="Ruler down read"
            value={read.down}
            placeholder="100 mm"
            maxLength={20}
            optional
            onText={ruler('down')}
          />
        </label>
      </div>
      {made.notice}
    </section>
  );
});
