import { readProjectValue } from '@/core/formats';
import type { Project } from '@/core/model';
import fernhollow from '../../demo/fernhollow-gate-table.machine.json';
import ternCreek from '../../demo/tern-creek-kayak-router.machine.json';
import wayside from '../../demo/wayside-scenery-cutter.machine.json';

/** The demo machines, read by the same importer as any file. Their figures are invented. */
export function demoMachines(): Project[] {
  return [ternCreek, fernhollow, wayside].map((value) => {
    const opened = readProjectValue(value);
    if (!opened.ok) throw new Error(`the demo does not open: ${JSON.stringify(opened.issues[0])}`);
    return opened.project;
  });
}
