'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import type { SellerInput } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { useRows } from '../use-rows';
import { newSeller } from './new-rows';
import styles from './parts.module.css';

const MOST = 10_000_000;
type Figure = 'fixed' | 'perStep' | 'freeFrom' | 'duty' | 'tax';
const figures: readonly (readonly [Figure, string, number])[] = [
  ['fixed', 'A parcel', MOST],
  ['perStep', 'Each step', MOST],
  ['freeFrom', 'Free from', MOST],
  ['duty', 'Duty, %', 200],
  ['tax', 'Tax, %', 200],
];

function SellerRow({ seller, at }: { readonly seller: SellerInput; readonly at: number }) {
  const { project } = useMachine();
  const sellers = useRows('sellers');
  const used = project.quotes.some((q) => q.seller === seller.id);
  const set = (field: 'name' | Figure, value: string | number | null, label: string) =>
    sellers.set(seller, field, value, `${label}: ${seller.name}`);
  const remove = () =>
    used
      ? `${seller.name}: has quotes on the list; take those off first.`
      : sellers.remove(seller, `Off the list: ${seller.name}`);
  return (
    <MuiRow>
      <TableCell component="th" scope="row">
        <TextLine
          label="Name of the seller"
          value={seller.name}
          maxLength={120}
          onText={(v) => set('name', v, 'Name')}
        />
      </TableCell>
      <TableCell data-title="Weight">
        <MachineField path={`sellers.${at}.step`} label="Step" />
      </TableCell>
      {figures.map(([field, title, most]) => (
        <TableCell key={field} data-title={title}>
          <NumberLine
            label={`${title}, ${seller.name}`}
            value={seller[field]}
            most={most}
            optional={field === 'freeFrom'}
            placeholder={field === 'freeFrom' ? 'never' : ''}
            onNumber={(v) => (v === null && field !== 'freeFrom' ? undefined : set(field, v, title))}
          />
        </TableCell>
      ))}
      <TableCell>
        <IconAction label={`${seller.name} off the list`} onAct={remove}>
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </TableCell>
    </MuiRow>
  );
}

/** Who sells, and what they ask for sending, duty and tax. */
export function Sellers() {
  const { project, editor } = useMachine();
  const { rows: sellers, add: addRow } = useRows('sellers');
  const setBuying = (field: 'staleAfter' | 'farApart', value: number) =>
    editor.apply([{ path: `buying.${field}`, value }], 'Quotes');
  const add = () => addRow(newSeller(freshId(), `Seller ${sellers.length + 1}`), 'A seller');
  return (
    <Fold lazy summary={`Sellers: ${sellers.length || 'none yet'}`}>
      {sellers.length > 0 && (
        <CardTable label="Sellers" titles={['Seller', 'Weight', ...figures.map(([, title]) => title)]} acts>
          {sellers.map((s, i) => (
            <SellerRow key={s.id} seller={s} at={i} />
          ))}
        </CardTable>
      )}
      <Action onAct={add}>Another seller</Action>
      <div className={styles.settings}>
        <span>A quote is old after days</span>
        <NumberLine
          label="A quote is old after days"
          value={project.buying.staleAfter}
          least={1}
          most={1000}
          whole
          onNumber={(v) => (v === null ? undefined : setBuying('staleAfter', v))}
        />
        <span>Far apart: dearest over cheapest</span>
        <NumberLine
          label="Far apart: dearest over cheapest"
          value={project.buying.farApart}
          least={1}
          most={100}
          onNumber={(v) => (v === null ? undefined : setBuying('farApart', v))}
        />
      </div>
      <p>
        Duty goes on the goods, tax on goods, duty and shipping (common practice; customs of your country
        decide). Nobody buys more than is wanted to have a parcel sent free.
      </p>
    </Fold>
  );
}
