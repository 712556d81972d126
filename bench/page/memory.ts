import { readdirSync, readFileSync } from 'node:fs';

/** Processes that hold pages, by what their engine calls them. */
const PAGE_PROCESS = /--type=renderer|WebKitWebProcess|-contentproc/;

/**
 * Resident memory of the largest process that holds a page of a browser, in MB (workers live in
 * it).
 */
export function pageMemoryMb(browserPid: number): number {
  let largest = 0;
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
      if (!PAGE_PROCESS.test(command) || !isDescendant(Number(pid), browserPid)) continue;
      const resident = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'));
      largest = Math.max(largest, Number(resident?.[1] ?? 0) / 1024);
    } catch {
      // The process ended while it was looked at.
    }
  }
  return largest;
}

function isDescendant(pid: number, ancestor: number): boolean {
  for (let at = pid; at > 1;) {
    if (at === ancestor) return true;
    at = Number(/PPid:\s+(\d+)/.exec(readFileSync(`/proc/${at}/status`, 'utf8'))?.[1] ?? 0);
  }
  return false;
}
