import type { PartState } from '@/core/model';

/** A tray as lines: empty, on its way, full, ticked, crossed; the word stands beside it. */
const marks: Record<PartState, string> = {
  'to-buy': 'M2 5v8h12V5',
  'on-hand': 'M2 5v8h12V5M4 7h8v4H4z',
  ordered: 'M2 5v8h12V5M8 2v7M5.5 6.5 8 9l2.5-2.5',
  arrived: 'M2 5v8h12V5M4 6h8v5H4z',
  checked: 'M2 5v8h12V5M5 7l2.5 3L12 3',
  fitted: 'M2 5v8h12V5M8 3v8M4.5 7h7',
  refused: 'M2 5v8h12V5M5 3l6 6M11 3 5 9',
};
const filled: readonly PartState[] = ['on-hand', 'arrived'];

export function StateMark({ state }: { readonly state: PartState }) {
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true" data-state={state}>
      <path
        d={marks[state]}
        fill={filled.includes(state) ? 'currentColor' : 'none'}
        fillRule="evenodd"
        stroke="currentColor"
        strokeWidth="1.5"
      />
    </svg>
  );
}
