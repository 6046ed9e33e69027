'use client';

import {
  type Cut,
  type Edit,
  MOST_NAME,
  put,
  type StockKind,
  stockForces,
  stockInputs,
  stocks,
} from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { TextLine } from '@/ui/text-line';
import { scatterText, stockName } from '@/words';
import styles from './brief.module.css';

const fieldsOf: Record<Cut['kind'], readonly string[]> = {
  mill: [
    'diameter',
    'flutes',
    'spindle',
    'feed',
    'depth',
    'width',
    'plunge',
    'corner',
    'helix',
    'kc11',
    'exponent',
    'radial',
  ],
  plasma: ['feed', 'corner', 'drag'],
  knife: ['feed', 'corner', 'drag', 'down'],
  light: ['feed', 'corner', 'drag', 'down'],
};

const stockOptions = stocks.map((s) => [s, stockName(s).toLowerCase()] as const);
const ways = [
  ['conventional', 'conventional'],
  ['climb', 'climb'],
] as const;

/** A milling cut takes the figures of its material with it. */
function stockEdits(cut: Cut, index: number, stock: StockKind): Edit[] {
  if (cut.kind !== 'mill') return [put(`brief.cuts.${index}.stock`, stock)];
  const inputs = stockInputs(stock);
  return [
    put(`brief.cuts.${index}.stock`, inputs.stock),
    put(`brief.cuts.${index}.kc11`, inputs.kc11),
    put(`brief.cuts.${index}.exponent`, inputs.exponent),
    put(`brief.cuts.${index}.radial`, inputs.radial),
  ];
}

/** Everything about one cut. */
export function CutFields({ index }: { index: number }) {
  const { project, editor } = useMachine();
  const cut = project.brief.cuts[index]!;
  const at = `brief.cuts.${index}` as const;
  return (
    <section aria-label={cut.name} className={styles.cut}>
      <TextLine
        className={styles.cutName}
        label="Name of the cut"
        value={cut.name}
        maxLength={MOST_NAME}
        onText={(name) => editor.apply([put(`${at}.name`, name)], 'Name of a cut')}
      />
      <Choice
        label="Material"
        value={cut.stock}
        options={stockOptions}
        onPick={(stock) =>
          editor.apply(stockEdits(cut, index, stock), `${cut.name}: ${stockName(stock).toLowerCase()}`)
        }
      />
      {cut.kind === 'mill' && (
        <Choice
          label="Way"
          value={cut.way}
          options={ways}
          onPick={(way) => editor.apply([{ path: `${at}.way`, value: way }], `${cut.name}: ${way}`)}
        />
      )}
      {fieldsOf[cut.kind].map((key) => (
        <MachineField key={key} path={`${at}.${key}`} />
      ))}
      {cut.kind === 'mill' && (
        <p className={styles.hint}>
          Specific force of {stockName(cut.stock).toLowerCase()}:{' '}
          {scatterText(cut.stock, stockForces[cut.stock].scatter)} N/mm², from memory; wood scatters by half.
          Type your own where you have measured one.
        </p>
      )}
      {cut.kind === 'mill' && cut.way === 'climb' && (
        <p className={styles.hint}>
          Climb leaves the better edge in metal and pulls the axis along; with play larger than a chip it
          snatches. Conventional pushes back and rubs as it starts. Both schools have their work: climb for
          stiff drives without play, conventional for the rest.
        </p>
      )}
    </section>
  );
}
