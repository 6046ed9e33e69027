/** When a machine last left the browser, in plain words. @param at,now ISO times. */
function ago(at: string, now: string): string {
  const days = Math.floor((Date.parse(now) - Date.parse(at)) / 86_400_000);
  if (days < 1) return 'within a day';
  return days === 1 ? 'a day ago' : `${days} days ago`;
}

const savesText = (saves: number): string => (saves === 1 ? 'one save' : `${saves} saves`);

/** What of a machine is in this browser alone. @param now ISO time. */
export function atHomeText(
  { left, saves }: { readonly left?: string; readonly saves: number },
  now: string,
): string {
  if (left === undefined)
    return saves === 0
      ? 'unchanged since it came in'
      : `never left this browser; ${savesText(saves)} since it came in`;
  if (saves === 0) return `all of it left this browser as a file ${ago(left, now)}`;
  return `left this browser as a file ${ago(left, now)}; ${savesText(saves)} since`;
}

/** Bytes as somebody reads them. */
export function bytesText(bytes: number): string {
  if (bytes < 1e6) return `${Math.max(1, Math.round(bytes / 1e3))} kB`;
  const [figure, unit] = bytes < 1e9 ? [bytes / 1e6, 'MB'] : [bytes / 1e9, 'GB'];
  return `${figure < 10 ? figure.toFixed(1) : Math.round(figure)} ${unit}`;
}

/** Why the application is not kept for work without a network. */
export const neverKeptText: Record<'browser' | 'address' | 'development', string> = {
  browser: 'this browser cannot keep an application',
  address: 'browsers keep an application only from https or from this very computer',
  development: 'it is being developed',
};
