'use client';

import type { MoneyReport } from '@/core/build';
import { useMachine } from '@/features/frame';
import { Fold } from '@/ui/fold';
import type { BuildState } from '@/features/frame';
import styles from './parts.module.css';
import { moneyText, sumText } from './rows';

const lineCount = (n: number) => (n === 1 ? '1 line' : `${n} lines`);

/** How sure it is that no basket is cheaper. */
function proofText({ basket }: MoneyReport): string {
  if (!basket.parcels.length) return '';
  if (basket.proved)
    return `Proved: nothing is cheaper; ${basket.tried} sets of sellers and branches were gone through.`;
  return `Good, not proved: no basket costs less than ${moneyText(basket.least)}.`;
}

/** Lines that go by weight and of which nobody has said what they weigh: shipping may be more. */
const unweighed = ({ basket }: MoneyReport): number =>
  basket.parcels
    .filter((p) => p.seller.shipping.step > 0 && p.shipping > 0)
    .flatMap((p) => p.lines)
    .filter((l) => l.item.mass === null).length;

/** The cheapest basket, seller by seller. */
export function BasketList({ money }: { readonly money: MoneyReport }) {
  const { project } = useMachine();
  const { basket, inTime } = money;
  const light = unweighed(money);
  const name = (id: string) => project.sellers.find((s) => s.id === id)?.name ?? id;
  if (!basket.parcels.length)
    return <p>Nothing with a quote is left to buy. Pick a line and type what somebody asks for it.</p>;
  return (
    <>
      <ul className={styles.basket}>
        {basket.parcels.map((p) => (
          <li key={p.seller.id}>
            <span>{name(p.seller.id)}</span>
            <span>{lineCount(p.lines.length)}</span>
            <span>
              {moneyText(p.total)}
              {p.shipping > 0 ? `, ${moneyText(p.shipping)} of it to send` : ''}
            </span>
          </li>
        ))}
      </ul>
      <p className={styles.total}>
        Together <b>{moneyText(basket.total)}</b>
      </p>
      <p>{proofText(money)}</p>
      {light > 0 && (
        <p>
          {light} {light === 1 ? 'line goes' : 'lines go'} by weight and nobody has said it: sending may cost
          more.
        </p>
      )}
      {inTime && (
        <p>
          {inTime.without.length
            ? `${inTime.without.length} lines cannot be here in time from anybody; the rest in time: `
            : 'All here in time: '}
          <b>{moneyText(inTime.total)}</b>
          {inTime.total > basket.total && !inTime.without.length
            ? `, ${moneyText(inTime.total - basket.total)} more`
            : ''}
          .
        </p>
      )}
    </>
  );
}

const WIDE = 270;

/** Paid, in the basket, and by example prices, against the budget. */
export function BudgetLine({ money }: { readonly money: MoneyReport }) {
  const { paid, basket, unpriced, budget, total } = money;
  const most = Math.max(budget ?? 0, total, 1);
  const x = (v: number) => (v / most) * WIDE;
  const words =
    `paid ${moneyText(paid)}, basket ${moneyText(basket.total)}, ` +
    `by example prices ${moneyText(unpriced.like)}` +
    (budget === null ? '' : `, budget ${moneyText(budget)}`);
  return (
    <>
      <svg className={styles.bar} viewBox={`0 0 ${WIDE} 40`} role="img" aria-label={words} fontSize="11">
        <rect x="0" y="4" width={WIDE} height="14" fill="var(--rc-steel)" />
        <rect x="0" y="4" width={x(paid)} height="14" fill="var(--rc-ink)" />
        <rect x={x(paid)} y="4" width={x(basket.total)} height="14" fill="var(--rc-blue)" />
        <rect
          x={x(paid + basket.total)}
          y="4"
          width={x(unpriced.like)}
          height="14"
          fill="var(--rc-blue-wash)"
          stroke="var(--rc-blue)"
          strokeDasharray="3 2"
        />
        {budget !== null && <path d={`M${x(budget)} 0V22`} stroke="var(--rc-ink)" strokeWidth="2" />}
        <text x="0" y="34" fill="var(--rc-ink)">
          paid {moneyText(paid)} · basket {moneyText(basket.total)}
        </text>
        <text x={WIDE} y="34" textAnchor="end" fill="var(--rc-ink)">
          {budget === null ? 'no budget said' : `of ${moneyText(budget)}`}
        </text>
      </svg>
      {unpriced.likes > 0 && (
        <p>
          {lineCount(unpriced.likes)} without a quote, about {moneyText(unpriced.like)} by the example prices
          of their like.
        </p>
      )}
      {unpriced.unknown > 0 && (
        <p>
          {lineCount(unpriced.unknown)} of which nobody knows the price, bought or not: it is at least so
          much.
        </p>
      )}
    </>
  );
}

/** What each axis costs, and what can be left out. */
export function MoneyFolds({ money }: { readonly money: MoneyReport }) {
  const { project } = useMachine();
  const name = (id: string) => project.axes.find((a) => a.id === id)?.name ?? 'Frame, control, shared';
  return (
    <>
      <Fold summary="By axis">
        <ul className={styles.basket}>
          {money.byOwner.map(({ owner, cost, unknown }) => (
            <li key={owner}>
              <span>{name(owner)}</span>
              <span>{unknown ? `${unknown} without` : ''}</span>
              <span>{sumText(cost, unknown > 0)}</span>
            </li>
          ))}
        </ul>
      </Fold>
      {money.options.length > 0 && (
        <Fold summary="What can be left out" open>
          <ul className={styles.basket}>
            {money.options.map(({ name: option, lines, price, unpriced }) => (
              <li key={option}>
                <span>{option}</span>
                <span>{lineCount(lines)}</span>
                <span>
                  {unpriced ? '≥ ' : ''}
                  {moneyText(price)}
                </span>
              </li>
            ))}
          </ul>
        </Fold>
      )}
    </>
  );
}

/** Said while cuts and money are worked out, or why they are not. */
export function Working({ build: { busy, failed, answer } }: { readonly build: BuildState }) {
  if (failed) return <p role="alert">Cuts and money could not be worked out: {failed}</p>;
  return busy && !answer ? <p role="status">Working out cuts and money …</p> : null;
}
