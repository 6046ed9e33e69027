import { readdirSync, readFileSync } from 'node:fs';

/**
 * Every process of the browser that keeps its files in a folder dies at once: no unload event, no flush. They
 * are told by their own command lines in /proc and killed by their numbers: nothing else on the machine is
 * touched.
 */
export function killBrowser(folder) {
  const pids = readdirSync('/proc').filter((name) => /^\d+$/.test(name) && Number(name) !== process.pid);
  for (const pid of pids) {
    let words = [];
    try {
      words = readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0');
    } catch {
      continue; // It ended meanwhile.
    }
    if (!words.some((word) => word === `--user-data-dir=${folder}`)) continue;
    try {
      process.kill(Number(pid), 'SIGKILL');
    } catch {
      // It ended with its parent.
    }
  }
}
