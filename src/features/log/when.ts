/** A day as it stands in the list: `Mon, 16 Nov 2026`; an entry with its time counts where the reader is. */
export const dayOf = (at: string): string => {
  // A plain day is that day everywhere.
  const date = at.length > 10 ? new Date(at) : new Date(`${at}T12:00:00`);
  return date.toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  });
};

/** `18:03`; empty where only the day is known. */
export const timeOf = (at: string): string =>
  at.length > 10 ? new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) : '';

const two = (n: number) => String(n).padStart(2, '0');

/** An ISO time as a field for date and time takes it, on the reader’s clock. */
export function toLocal(iso: string): string {
  const d = new Date(iso);
  const day = `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
  return `${day}T${two(d.getHours())}:${two(d.getMinutes())}`;
}

/** The other way round; null: no time stands there. */
export function fromLocal(text: string): string | null {
  const d = new Date(text);
  return Number.isNaN(d.getTime()) ? null : d.toISOString();
}

/** `2026-11-16 18:03` on the reader’s clock, or the day alone. */
export const stampOf = (at: string): string => (at.length > 10 ? toLocal(at).replace('T', ' ') : at);
