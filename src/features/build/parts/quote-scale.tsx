'use client';

import { bought, landed, type ListLine, offerOf, sellerOf } from '@/core/build';
import type { SellerInput } from '@/core/model';
import styles from './parts.module.css';
import { moneyText } from './rows';

interface Mark {
  readonly id: string;
  readonly name: string;
  readonly days: number | null;
  readonly price: number;
}

/** Steps that a scale may have: 1, 2 or 5 of a power of ten, some four of them over the span. */
function stepFor(span: number): number {
  const raw = Math.max(span, 1e-6) / 4;
  const power = 10 ** Math.floor(Math.log10(raw));
  return ([1, 2, 5, 10].find((f) => f * power >= raw) ?? 10) * power;
}

const WIDE = 640;
const LEFT = 16;

/** Quotes of one line on a line of money: how far apart they are is seen at once. */
export function QuoteScale({
  line,
  sellers,
  name,
}: {
  line: ListLine;
  sellers: readonly SellerInput[];
  name: string;
}) {
  const many = Math.max(1, line.toBuy || (line.wanted ?? 1));
  const marks = line.quotes.flatMap((q): Mark[] => {
    const seller = sellers.find((s) => s.id === q.seller);
    if (!seller) return [];
    const price = landed(sellerOf(seller), bought(offerOf(q), many).goods, 0);
    return [{ id: q.id, name: seller.name, days: q.days, price }];
  });
  if (marks.length < 2) return null;
  marks.sort((a, b) => a.price - b.price);
  const [low, high] = [marks[0]!.price, marks.at(-1)!.price];
  const step = stepFor(Math.max(high - low, high * 0.05));
  const from = Math.floor(low / step - 0.2) * step;
  const to = Math.ceil(high / step + 0.2) * step;
  const x = (v: number) => LEFT + ((v - from) / (to - from)) * (WIDE - 2 * LEFT);
  const ticks = Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => from + i * step);
  const words = marks.map((m) => `${m.name} ${moneyText(m.price)}`).join(', ');
  const anchor = (at: number) => (at < WIDE * 0.2 ? 'start' : at > WIDE * 0.8 ? 'end' : 'middle');
  return (
    <svg
      className={styles.scale}
      viewBox={`0 0 ${WIDE} 62`}
      role="img"
      aria-label={`${name}: ${words}`}
      fontSize="12"
      fill="currentColor"
    >
      <path d={`M${LEFT} 34H${WIDE - LEFT}`} stroke="var(--rc-soft)" />
      {ticks.map((t) => (
        <text key={t} x={x(t)} y={50} textAnchor="middle" fill="var(--rc-soft)">
          {moneyText(t)}
        </text>
      ))}
      {marks.map((m, i) => (
        <g key={m.id}>
          <path
            d={`M${x(m.price)} 34V${i % 2 ? 26 : 18}`}
            stroke={i === 0 ? 'var(--rc-blue)' : 'var(--rc-ink)'}
            strokeWidth={i === 0 ? 4 : 1.5}
          />
          <text
            x={x(m.price)}
            y={i % 2 ? 24 : 12}
            dx={i % 2 ? 6 : 0}
            textAnchor={i % 2 ? 'start' : anchor(x(m.price))}
            fill={i === 0 ? 'var(--rc-blue)' : 'currentColor'}
            fontWeight={i === 0 ? 600 : 400}
          >
            {m.name} {moneyText(m.price)}
            {m.days === null ? '' : `, ${m.days} ${m.days === 1 ? 'day' : 'days'}`}
          </text>
        </g>
      ))}
    </svg>
  );
}
