'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import { barsKey, type SectionPlan, startingSaw, usualBars } from '@/core/build';
import { type BarInput, estimate } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { useRows } from '../use-rows';
import styles from './cutting.module.css';

interface FieldsProps {
  readonly plan: SectionPlan;
  readonly name: string;
}

function BarRow({ bar, at, holed, name }: { bar: BarInput; at: number; holed: boolean; name: string }) {
  const { set, remove } = useRows('bars');
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
          onNumber={(v) => set(bar, 'price', v, `Price: ${name}`)}
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
          onNumber={(v) => set(bar, 'count', v, `How many lie here: ${name}`)}
        />
      </TableCell>
      {holed && (
        <TableCell data-title="First hole">
          <MachineField path={`bars.${at}.firstHole`} />
        </TableCell>
      )}
      <TableCell>
        <IconAction
          label={`Bar of ${bar.length.typed} off the list`}
          onAct={() => remove(bar, `A bar off the list: ${name}`)}
        >
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </TableCell>
    </MuiRow>
  );
}

/** How this section is sawn; usual figures until somebody says otherwise. */
function SawFields({ plan: { section, saw }, name }: FieldsProps) {
  const saws = useRows('saws');
  const at = saws.rows.findIndex((s) => s.section === section.key);
  const add = () => saws.add(startingSaw(freshId(), section), `Saw: ${name}`);
  if (at < 0) return <Action onAct={add}>Say how it is sawn</Action>;
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
          onPick={(ends) => saws.set(saws.rows[at]!, 'ends', ends, `Ends: ${name}`)}
        />
      )}
    </div>
  );
}

/** Bars that there are or that can be bought, and the saw. */
export function BarFields({ plan, name }: FieldsProps) {
  const { system } = useMachine();
  const bars = useRows('bars');
  const key = barsKey(plan.section);
  const own = bars.rows.flatMap((bar, at) => (bar.section === key ? [{ bar, at }] : []));
  const holed = plan.section.form.kind === 'holed';
  const some = own.length === 1 ? '1 length' : `${own.length} lengths`;
  const lengths = own.length ? some : 'no bar said yet';
  const add = (length: number, count: number | null) => {
    const said = estimate('length', formatQuantity('length', length, system, 6).text);
    const id = freshId();
    const bar = { id, section: key, length: said, price: null, count, firstHole: null, note: '' };
    return bars.add(bar, `A bar: ${name}`);
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
