/** So many requests are remembered by their number. */
const REMEMBERED = 64;

interface Kept {
  readonly text: string;
  readonly answers: readonly string[];
}

/** Answers by the number of their request: one that comes again moves nothing a second time. */
export function answered() {
  const kept = new Map<number, Kept>();
  return {
    /** What was answered to this very request; null: it is new; `other`: its number stood for other text. */
    look: (seq: number, text: string): readonly string[] | 'other' | null => {
      const found = kept.get(seq);
      if (!found) return null;
      return found.text === text ? found.answers : 'other';
    },
    keep: (seq: number, text: string, answers: readonly string[]) => {
      kept.delete(seq);
      kept.set(seq, { text, answers });
      const [oldest] = kept.keys();
      if (kept.size > REMEMBERED && oldest !== undefined) kept.delete(oldest);
    },
  };
}
