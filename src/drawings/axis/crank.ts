import { block, circle, line, type Parts, type Pen } from '@/core/drawing';
import { crank as cranks } from '@/core/drives';
import type { CrankDrive } from '@/core/model';
import type { Layout } from './layout';

const rod: Pen = { ink: 'ink', width: 3 };

/** A crank with its link, a quarter of the way round, its circle and both dead centres. */
export function crank(drive: CrankDrive, { drive: y, least, face, paper }: Layout): Partial<Parts>[] {
  const shape = { radius: drive.crankRadius.si, link: drive.linkLength.si };
  const angle = Math.PI / 3;
  const pin = { x: shape.radius * Math.cos(angle), y: y + shape.radius * Math.sin(angle) };
  const end = { x: cranks.placeAt(shape, angle), y };
  const side = least(face, 12);
  const dead = [0, Math.PI].map((at) => cranks.placeAt(shape, at));
  return [
    {
      shapes: [
        block('motor', { x: 0, y }, side, side, { pen: { ink: 'ink', width: 1 }, fill: 'steel' }),
        circle('drive', { x: 0, y }, shape.radius, { pen: { ink: 'blue', width: 1.4 }, fill: 'blueWash' }),
        line('drive', { x: 0, y }, pin, { pen: rod }),
        line('drive', pin, end, { pen: rod }),
        circle('drive', { x: 0, y }, paper(2), { fill: 'ink' }),
        circle('drive', pin, paper(2), { fill: 'ink' }),
        circle('drive', end, paper(2.5), { fill: 'blue' }),
        ...dead.map((x) =>
          line('notes', { x, y: y - paper(6) }, { x, y: y + paper(6) }, { pen: { ink: 'soft', width: 1 } }),
        ),
      ],
    },
  ];
}
