'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import { barsKey, type SectionPlan, startingSaw, usualBars } from '@/core/build';
import { type BarInput, guess, type Plain } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Action, IconAction } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { freshId } from '../parts/fresh-id';
import styles from './cutting.module.css';

interface FieldsProps {
  readonly plan: SectionPlan;
  readonly name: string;
}

function BarRow({ bar, at, holed, name }: { bar: BarInput; at: number; holed: boolean; name: string }) {
  const { project, editor } = useMachine();
  const set = (field: 'price' | 'count', value: number | null, label: string) =>
    editor.apply([{ path: `bars.${at}.${field}`, value }], `${label}: ${name}`);
  const remove = () =>
    editor.apply(
      [{ path: 'bars', value: project.bars.filter((b) => b !== bar) as unknown as Plain }],
      `A bar off the list: ${name}`,
    );
  return (
    <MuiRow>
      <TableCell component="th" scope="row">
        <MachineField path={`bars.${at}.length`} />
      </TableCell>
      <TableCell data-title="Price of one">
        <NumberLine
          label={`Price of a bar of ${bar.length.typed}`}
          value={bar.price}
          most={1_000_000}
          optional
          placeholder="not said"
          onNumber={(v) => set('price', v, 'Price')}
        />
      </TableCell>
      <TableCell data-title="Lie here">
        <NumberLine
          label={`Bars of ${bar.length.typed} that lie here`}
          value={bar.count}
          most={500}
          whole
          optional
          placeholder="to be bought"
          onNumber={(v) => set('count', v, 'How many lie here')}
        />
      </TableCell>
      {holed && (
        <TableCell data-title="First hole">
          <MachineField path={`bars.${at}.firstHole`} />
        </TableCell>
      )}
      <TableCell>
        <IconAction label={`Bar of ${bar.length.typed} off the list`} onAct={remove}>
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </TableCell>
    </MuiRow>
  );
}

/** How this section is sawn; usual figures until somebody says otherwise. */
function SawFields({ plan: { section, saw }, name }: FieldsProps) {
  const { project, editor } = useMachine();
  const at = project.saws.findIndex((s) => s.section === section.key);
  const add = () => {
    const fresh = startingSaw(freshId('saw', project.saws), section);
    return editor.apply(
      [{ path: 'saws', value: [...project.saws, fresh] as unknown as Plain }],
      `Saw: ${name}`,
    );
  };
  if (at < 0)
    return (
      <p>
        Kerf {saw.kerf.typed}, raw ends squared by {saw.squared.typed}, stub {saw.stub.typed}: usual, nobody
        has said them. <Action onAct={add}>Say them</Action>
      </p>
    );
  return (
    <div className={styles.saw}>
      <MachineField path={`saws.${at}.kerf`} />
      <MachineField path={`saws.${at}.squared`} />
      <MachineField path={`saws.${at}.stub`} />
      {section.form.kind === 'holed' && (
        <Choice
          label="Ends of the rails"
          value={saw.ends}
          options={[
            ['equal', 'alike at both ends'],
            ['free', 'may differ'],
          ]}
          onPick={(ends) => editor.apply([{ path: `saws.${at}.ends`, value: ends }], `Ends: ${name}`)}
        />
      )}
    </div>
  );
}

/** Bars that there are or that can be bought, and the saw. */
export function BarFields({ plan, name }: FieldsProps) {
  const { project, editor, system } = useMachine();
  const key = barsKey(plan.section);
  const own = project.bars.flatMap((bar, at) => (bar.section === key ? [{ bar, at }] : []));
  const holed = plan.section.form.kind === 'holed';
  const some = own.length === 1 ? '1 length' : `${own.length} lengths`;
  const lengths = own.length ? some : 'no bar said yet';
  const add = (length: number, count: number | null) => {
    const typed = formatQuantity('length', length, system, 6).text;
    const bar: BarInput = {
      id: freshId('stock', project.bars),
      section: key,
      length: { ...guess('length', typed), basis: 'estimate' },
      price: null,
      count,
      firstHole: null,
      note: '',
    };
    return editor.apply(
      [{ path: 'bars', value: [...project.bars, bar] as unknown as Plain }],
      `A bar: ${name}`,
    );
  };
  return (
    <Fold lazy summary={`Bars and saw: ${lengths}`} open={!own.length}>
      {own.length > 0 && (
        <CardTable
          label={`Bars of ${name}`}
          titles={['Length', 'Price of one', 'Lie here', ...(holed ? ['First hole'] : [])]}
          acts
        >
          {own.map(({ bar, at }) => (
            <BarRow key={bar.id} bar={bar} at={at} holed={holed} name={name} />
          ))}
        </CardTable>
      )}
      <p>
        Sold in{' '}
        {usualBars(plan.section).map((length) => (
          <Action key={length} onAct={() => add(length, null)}>
            {formatQuantity('length', length, system, 4).text}
          </Action>
        ))}{' '}
        (from memory; ask). Or <Action onAct={() => add(0.5, 1)}>an offcut that lies here</Action>
      </p>
      <SawFields plan={plan} name={name} />
    </Fold>
  );
}
