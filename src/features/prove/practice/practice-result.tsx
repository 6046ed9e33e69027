'use client';

import { useMemo } from 'react';
import { formatNumber } from '@/core/units';
import { useMachine } from '@/features/frame';
import { type HiddenFault, type PracticeGround, practiceResult, type PracticeResult } from '@/standins';
import {
  faultSize,
  namedWords,
  pointNames,
  practiceFaultNames,
  sheetTitle,
  trialTitle,
  workTime,
} from '@/words';
import page from '../prove.module.css';
import styles from './practice.module.css';

const axisOf = ({ project }: PracticeGround, id: string) => project.axes.find((a) => a.id === id)?.name ?? '';

/** Title of a sheet or trial by its key. */
export function keyTitle(ground: PracticeGround, key: string): string {
  const axis = axisOf(ground, key.split(':')[1] ?? '');
  return ground.sheets.some((s) => s.key === key) ? sheetTitle(key, axis) : trialTitle(key, axis);
}

const faultTitle = (ground: PracticeGround, { fault, axis }: Pick<HiddenFault, 'fault' | 'axis'>) =>
  axis ? `${axisOf(ground, axis)}: ${practiceFaultNames[fault].toLowerCase()}` : practiceFaultNames[fault];

function Faults({ ground, result }: { readonly ground: PracticeGround; readonly result: PracticeResult }) {
  const { system } = useMachine();
  const wrong = result.wrong.map((n) => faultTitle(ground, n));
  return (
    <>
      <table className={styles.told}>
        <thead>
          <tr>
            <th>What was there</th>
            <th data-figure>How much</th>
            <th>Shown by</th>
            <th>You</th>
            <th>At the end</th>
          </tr>
        </thead>
        <tbody>
          {result.faults.map(({ hidden, named, mended }) => (
            <tr key={`${hidden.fault} ${hidden.axis}`}>
              <td>{faultTitle(ground, hidden)}</td>
              <td data-label="how much" data-figure>
                {faultSize(hidden, system)}
              </td>
              <td data-label="shown by">
                {hidden.shown.length
                  ? hidden.shown.map((k) => keyTitle(ground, k)).join('; ')
                  : 'the same place, read twice'}
              </td>
              <td data-label="you">{namedWords[named]}</td>
              <td data-label="at the end">{mended ? 'put right' : 'still there'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {wrong.length > 0 && <p>Named, and not there: {wrong.join('; ')}.</p>}
    </>
  );
}

/** Sheets that were outside their limit at the beginning or are now. */
function Sheets({ ground, result }: { readonly ground: PracticeGround; readonly result: PracticeResult }) {
  const told = result.sheets.filter((s) => s.before > 1 || s.now > 1);
  if (!told.length) return <p>Every sheet lay inside its limit from the beginning.</p>;
  const times = (share: number) => `${formatNumber(share, 2)} × the limit`;
  return (
    <table className={styles.told}>
      <thead>
        <tr>
          <th>Sheet, in truth</th>
          <th data-figure>As put together</th>
          <th data-figure>Now</th>
        </tr>
      </thead>
      <tbody>
        {told.map((s) => (
          <tr key={s.key}>
            <td>{keyTitle(ground, s.key)}</td>
            <td data-label="as put together" data-figure>
              {times(s.before)}
            </td>
            <td data-label="now" data-figure>
              {times(s.now)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What was hidden, what was found, and how close the machine came. */
export function PracticeEnd({ ground }: { readonly ground: PracticeGround }) {
  const result = useMemo(() => practiceResult(ground), [ground]);
  const { points, readings, minutes, score } = result;
  const time = (m: number) => workTime(Math.round(m));
  return (
    <>
      <h2 className={page.heading}>
        What was there <small>{result.faults.length} hidden</small>
      </h2>
      <Faults {...{ ground, result }} />
      <h2 className={page.heading}>How close it came</h2>
      <Sheets {...{ ground, result }} />
      <h2 className={page.heading}>Points</h2>
      <p className={styles.score}>{score} of 100</p>
      <table className={styles.told}>
        <thead>
          <tr>
            <th>For</th>
            <th data-figure>Points</th>
          </tr>
        </thead>
        <tbody>
          {(Object.keys(points) as (keyof typeof points)[]).map((k) => (
            <tr key={k}>
              <td>{pointNames[k]}</td>
              <td data-label="points" data-figure>
                {points[k].of
                  ? `${points[k].got} of ${points[k].of}`
                  : String(points[k].got).replace('-', '−')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        {readings.taken} readings; somebody who knows the trade takes about {readings.referee}.{' '}
        {time(minutes.taken)} at a real machine; about {time(minutes.referee)} for one who knows it (memory).
      </p>
    </>
  );
}
