import type { LogEvent } from '@/core/log';
import { firstKinds } from '@/core/prove';
import { machineHref } from '@/features/frame';

/** Where an event that was not written here is told in full; null: it is told here. */
export function placeOf({ kind, of }: LogEvent, machine: string): string | null {
  const at = encodeURIComponent(of);
  switch (kind) {
    case 'sheet':
    case 'happening':
      return `${machineHref('prove', machine)}&sheet=${at}`;
    case 'trial': {
      const first = firstKinds.some((k) => k === of.split(':')[0]);
      return `${machineHref('prove', machine)}&v=${first ? 'first' : 'proof'}&trial=${at}`;
    }
    case 'step':
      return `${machineHref('build', machine)}&v=assembly&step=${at}`;
    case 'order':
      return `${machineHref('build', machine)}&part=${at}`;
    case 'plan':
      return `${machineHref('log', machine)}&v=revisions&to=${at}`;
    case 'upgrade':
      return `${machineHref('log', machine)}&v=upgrades`;
    default:
      return null;
  }
}
