'use client';

import { type DrawnHole, type DxfOutline, readDxfOutline } from '@/core/formats';
import { startingGroup } from '@/core/machine';
import { capsAt, type Edit, estimate, type Plain, type PlateGroupInput, type PlateInput } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { FilePicker, readText } from '@/ui/file-picker';
import { type Refused, useRefusal } from '@/ui/refusal';
import own from './plates.module.css';

const MOST_BYTES = 5_000_000;

const why: Record<Exclude<DxfOutline, { ok: true }>['why'], string> = {
  'too-large': 'it is larger than 5 MB; wanted the outline of one plate.',
  'not-dxf': 'no lines were read; wanted a DXF file (text, not binary).',
  'no-outline': 'no closed line was read; wanted an outline whose lines meet.',
  'too-many': 'its outline has more than 2000 corners; wanted lines and arcs instead of a traced curve.',
  'too-wide': 'it would be wider than 12 m; wanted a drawing in mm, or one that says its unit.',
};

const mm = (m: number) => estimate('length', `${Number((m * 1000).toFixed(3))} mm`);

/** Holes of one diameter as groups of single holes, as many as a group may have. */
function groupsOf(holes: readonly DrawnHole[], room: number): PlateGroupInput[] {
  const most = capsAt('axes.0.fit.plates.0.groups.0.at')!.max;
  const sizes = [...new Set(holes.map((h) => Number((h.diameter * 1000).toFixed(3))))].sort((a, b) => a - b);
  const groups = sizes.flatMap((size) => {
    const alike = holes.filter((h) => Number((h.diameter * 1000).toFixed(3)) === size);
    const pieces = Array.from({ length: Math.ceil(alike.length / most) }, (_, i) =>
      alike.slice(i * most, (i + 1) * most),
    );
    return pieces.map((some): PlateGroupInput => ({
      ...startingGroup(freshId(), 'own', {
        pattern: { kind: 'single' },
        way: 'plain',
        head: 'flat',
        diameter: mm(size / 1000),
        at: some.map((h) => ({ id: freshId(), x: mm(h.x), y: mm(h.y) })),
      }),
      name: `Drawn Ø${size}`,
    }));
  });
  return groups.slice(0, room);
}

/** The outline of a plate as it was drawn elsewhere: read from a DXF file, or a rectangle again. */
export function OutlinePicker({ input, at }: { input: PlateInput; at: string }) {
  const { editor } = useMachine();
  const refusal = useRefusal();
  const take = (name: string, read: DxfOutline): Refused => {
    if (!read.ok) return `${name}: ${why[read.why]}`;
    const { outline, holes } = read;
    const room = capsAt('axes.0.fit.plates.0.groups')!.max - input.groups.length;
    const edits: Edit[] = [
      { path: `${at}.outline`, value: outline.map(({ x, y, bulge = 0 }) => ({ x, y, bulge })) as Plain },
      { path: `${at}.along`, value: mm(Math.max(...outline.map((v) => v.x))) as Plain },
      { path: `${at}.across`, value: mm(Math.max(...outline.map((v) => v.y))) as Plain },
      { path: `${at}.groups`, value: [...input.groups, ...groupsOf(holes, room)] as unknown as Plain },
    ];
    return editor.apply(edits, `${input.name}: outline out of ${name}`);
  };
  const pick = async ([file]: readonly File[]) => {
    if (!file) return;
    const read = await readText(file, MOST_BYTES);
    refusal.attempt(() => (read.ok ? take(read.name, readDxfOutline(read.text)) : read.reason));
  };
  return (
    <div className={own.outline}>
      <FilePicker
        label="Outline as DXF"
        accept={{ 'image/vnd.dxf': ['.dxf'] }}
        onFiles={(files) => void pick(files)}
      >
        {input.outline.length ? 'Another outline…' : 'Outline out of a DXF…'}
      </FilePicker>
      {input.outline.length > 0 && (
        <Action
          onAct={() => editor.apply([{ path: `${at}.outline`, value: [] }], `${input.name}: a rectangle`)}
        >
          A rectangle again
        </Action>
      )}
      {refusal.note}
    </div>
  );
}
