'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import { useState } from 'react';
import { bought, landed, type ListLine, offerOf, sellerOf } from '@/core/build';
import type { Plain, QuoteInput } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { IconAction } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { Choice } from '@/ui/choice';
import { DateLine } from '@/ui/date-line';
import { NumberLine } from '@/ui/number-line';
import type { Refused } from '@/ui/refusal';
import { TextLine } from '@/ui/text-line';
import { putRows, useRows } from '../use-rows';
import { newQuote, newSeller } from './new-rows';
import { moneyText } from './rows';
import styles from './parts.module.css';

interface QuotesProps {
  readonly line: ListLine;
  readonly name: string;
  readonly today: string;
}

const MOST_PRICE = 10_000_000;
const NEW = '~new';

interface WhenProps {
  readonly quote: QuoteInput;
  readonly seller: string;
  readonly set: (field: keyof QuoteInput, value: Plain, label: string) => Refused;
}

/** How long it takes, when the price was named, and how long it stands. */
function WhenCells({ quote, seller, set }: WhenProps) {
  return (
    <>
      <TableCell data-title="Days">
        <NumberLine
          label={`Days, ${seller}`}
          value={quote.days}
          most={1000}
          whole
          optional
          placeholder="?"
          onNumber={(v) => set('days', v, 'Days')}
        />
      </TableCell>
      <TableCell data-title="Named on">
        <DateLine
          label={`Named on, ${seller}`}
          value={quote.date}
          onDate={(v) => set('date', v, 'Day of the quote')}
        />
      </TableCell>
      <TableCell data-title="Stands until">
        <DateLine
          label={`Stands until, ${seller}`}
          value={quote.until}
          onDate={(v) => set('until', v, 'Quote stands until')}
        />
      </TableCell>
    </>
  );
}

function QuoteRow({ quote, line, name }: { quote: QuoteInput } & Omit<QuotesProps, 'today'>) {
  const { project, editor } = useMachine();
  const { sellers, partLines } = project;
  const quotes = useRows('quotes');
  const seller = sellers.find((s) => s.id === quote.seller);
  const all = bought(offerOf(quote), Math.max(1, line.toBuy || (line.wanted ?? 1)));
  const whole = seller ? landed(sellerOf(seller), all.goods, 0) : all.goods;
  const set = (field: keyof QuoteInput, value: Plain, label: string) =>
    quotes.set(quote, field, value, `${label}: ${name}`);
  const remove = () => {
    const picked = partLines.findIndex((l) => l.quote === quote.id);
    const left = quotes.rows.filter((q) => q !== quote);
    const unpicked = picked < 0 ? [] : [{ path: `partLines.${picked}.quote`, value: '' }];
    return editor.apply([putRows('quotes', left), ...unpicked], `Quote off the list: ${name}`);
  };
  return (
    <MuiRow>
      <TableCell component="th" scope="row">
        {seller?.name ?? 'a seller that is gone'}
      </TableCell>
      <TableCell data-title="Price of one">
        <NumberLine
          label={`Price, ${seller?.name ?? ''}`}
          value={quote.price}
          most={MOST_PRICE}
          onNumber={(v) => (v === null ? undefined : set('price', v, 'Price'))}
        />
      </TableCell>
      <TableCell data-title="From / price">
        <Break quote={quote} onBreaks={(breaks) => set('breaks', breaks, 'Price break')} />
      </TableCell>
      <TableCell data-title="Pack of">
        <NumberLine
          label={`Pack, ${seller?.name ?? ''}`}
          value={quote.pack}
          least={1}
          most={100_000}
          whole
          onNumber={(v) => (v === null ? undefined : set('pack', v, 'Pack'))}
        />
      </TableCell>
      <WhenCells quote={quote} seller={seller?.name ?? ''} set={set} />
      <TableCell data-title="All of it">
        {moneyText(whole)}
        {all.count !== line.toBuy && line.toBuy > 0 ? ` for ${all.count}` : ''}
      </TableCell>
      <TableCell>
        <IconAction label={`Quote of ${seller?.name ?? ''} off the list`} onAct={remove}>
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </TableCell>
    </MuiRow>
  );
}

/** One break of a price: from so many pieces on. Further ones come by file. */
function Break({ quote, onBreaks }: { quote: QuoteInput; onBreaks: (breaks: Plain) => Refused }) {
  const [first, ...rest] = quote.breaks;
  const take = (text: string) => {
    const read = /^(\d+)\s*[/:]\s*(\d+(?:[.,]\d+)?)$/.exec(text);
    if (text && !read)
      return (
        `From / price: read “${text.slice(0, 20)}”; wanted as 10 / 3.50 (from 10 pieces on 3.50 each), ` +
        'or nothing.'
      );
    const own = read
      ? [{ id: first?.id ?? 'break-1', from: Number(read[1]), price: Number(read[2]!.replace(',', '.')) }]
      : [];
    return onBreaks([...own, ...rest]);
  };
  return (
    <TextLine
      label="From / price"
      value={first ? `${first.from} / ${first.price}` : ''}
      maxLength={30}
      optional
      placeholder="10 / 3.50"
      onText={take}
    />
  );
}

/** Asks for a quote more: of whom, and at once with its price. */
function AddQuote({ line, name, today }: QuotesProps) {
  const { project, editor } = useMachine();
  const { sellers, quotes } = project;
  const [asked, setSeller] = useState(sellers[0]?.id ?? NEW);
  const [named, setNamed] = useState('');
  const seller = sellers.some((s) => s.id === asked) ? asked : NEW;
  const add = (price: number | null) => {
    if (price === null) return undefined;
    if (seller === NEW && !named) return 'Seller: read nothing; wanted a name, as you call them.';
    const fresh = seller === NEW ? newSeller(freshId(), named) : null;
    const of = fresh?.id ?? seller;
    const quote = newQuote(freshId(), line.key, of, price, today);
    const first = fresh ? [putRows('sellers', [...sellers, fresh])] : [];
    const refused = editor.apply([...first, putRows('quotes', [...quotes, quote])], `Quote: ${name}`);
    if (!refused) setSeller(of);
    return refused;
  };
  const options = [...sellers.map((s) => [s.id, s.name] as const), [NEW, 'somebody new'] as const];
  return (
    <div className={styles.tools}>
      <Choice label="Another quote of" value={seller} options={options} onPick={setSeller} />
      {seller === NEW && (
        <TextLine
          label="Name of the seller"
          value={named}
          maxLength={120}
          placeholder="as you call them"
          onText={setNamed}
        />
      )}
      <div className={styles.search}>
        <NumberLine
          key={quotes.length}
          label="Price of one"
          value={null}
          most={MOST_PRICE}
          optional
          placeholder="price of one"
          onNumber={add}
        />
      </div>
    </div>
  );
}

/** All quotes of a line, and which of them it is bought by. */
export function Quotes({ line, name, today }: QuotesProps) {
  const { project, editor } = useMachine();
  const { sellers, partLines } = project;
  const said = partLines.findIndex((l) => l.key === line.key);
  const options = [
    ['', 'by the cheapest basket'] as const,
    ...line.quotes.map(
      (q) => [q.id, `of ${sellers.find((s) => s.id === q.seller)?.name ?? 'a seller that is gone'}`] as const,
    ),
  ];
  return (
    <div className={styles.quotes}>
      {line.quotes.length > 0 && (
        <CardTable
          label={`Quotes of ${name}`}
          titles={[
            'Seller',
            'Price of one',
            'From / price',
            'Pack of',
            'Days',
            'Named on',
            'Stands until',
            'All of it',
          ]}
          acts
        >
          {line.quotes.map((q) => (
            <QuoteRow key={q.id} quote={q} line={line} name={name} />
          ))}
        </CardTable>
      )}
      {said >= 0 && line.quotes.length > 1 && (
        <Choice
          label="Bought"
          value={line.said?.quote ?? ''}
          options={options}
          onPick={(id) =>
            editor.apply([{ path: `partLines.${said}.quote`, value: id }], `Bought of: ${name}`)
          }
        />
      )}
      <AddQuote line={line} name={name} today={today} />
    </div>
  );
}
