import { type Contents, readContents, readProjectValue } from '@/core/formats';
import type { Project } from '@/core/model';
import fernhollow from '../../demo/fernhollow-gate-table.machine.json';
import ternCreek from '../../demo/tern-creek-kayak-router.machine.json';
import wayside from '../../demo/wayside-scenery-cutter.machine.json';

const files: readonly { readonly contents: unknown }[] = [ternCreek, fernhollow, wayside];

/** The demo machines, read by the same importer as any file. Their figures are invented. */
export function demoMachines(): Project[] {
  return files.map(({ contents: _carried, ...value }) => {
    const opened = readProjectValue(value);
    if (!opened.ok) throw new Error(`the demo does not open: ${JSON.stringify(opened.issues[0])}`);
    return opened.project;
  });
}

/** What the files of the demo machines hold, by hash: their programs. */
export function demoContents(): Contents {
  return new Map(
    files.flatMap(({ contents }) => {
      const read = readContents(contents);
      if (!read.ok) throw new Error(`a program of the demo does not open: ${JSON.stringify(read.issues[0])}`);
      return [...read.contents];
    }),
  );
}
