import { pair, type HandoffFault } from '@velmo/core/handoff';
import { proxy } from 'comlink';
import type { DeliverApi, NotDelivered } from '../deliver/deliver.worker';
import {
  pathOf,
  planDelivery,
  type DeliveryChoices,
  type DeliveryEntry,
} from '../deliver/deliveryPlan';
import { findFrame, rollRecords } from '../storage/frames/frames';
import { KeptWorker } from '../workers/keptWorker';
import { WorkerLost } from '../workers/startedWorker';
import { phoneName } from './phoneName';
import { changeHandoff, handoffStore, type StoppingFault } from './handoffStore';
import {
  keepHandoff,
  lastHandoff,
  NOTHING_KEPT,
  type HandoffJob,
  type KeptHandoff,
} from './keptHandoff';

/** One tab sends at a time. */
const LOCK = 'velmo-handoff';
/** Frames whose files are read and sent at the same time. */
const AT_ONCE = 2;
/** Tried again without being asked, in milliseconds. */
const RETRY_MS = 15_000;

let kept: KeptHandoff = NOTHING_KEPT;
/** Storage has what is known here. */
let isKept = true;
let isSending = false;
let isStopped = false;
/** Ends a wait before its time. */
let goOn = (): void => {};

const worker = new KeptWorker<DeliverApi>(
  () => new Worker(new URL('../deliver/deliver.worker.ts', import.meta.url)),
);

let changing: Promise<void> = Promise.resolve();

/** Changes what is kept, one change after the other: another tab may have added to it. */
function change(make: (now: KeptHandoff) => Partial<KeptHandoff>): Promise<void> {
  changing = changing.then(async () => {
    if (isKept) kept = (await lastHandoff()) ?? kept;
    kept = { ...kept, ...make(kept) };
    changeHandoff({ pairing: kept.pairing });
    // What could not be kept is sent all the same, while the page is open.
    isKept = await keepHandoff(kept).then(
      () => true,
      () => false,
    );
  });
  return changing;
}

let resuming: Promise<void> | null = null;

/** Reads what was left from last time, once, and goes on with it. */
export function resumeHandoff(): Promise<void> {
  resuming ??= (async () => {
    kept = (await lastHandoff()) ?? NOTHING_KEPT;
    changeHandoff({ isRead: true, pairing: kept.pairing });
    void sendAll();
  })();
  return resuming;
}

/**
 * Pairs this device with the computer that served the page.
 *
 * @throws HandoffError where its code is used up
 */
export async function pairWith(secret: string): Promise<string> {
  await resumeHandoff();
  const pairing = await pair(
    (url, options) => fetch(url, options as RequestInit),
    location.origin,
    secret,
    phoneName(navigator.userAgent),
  );
  await change(() => ({ pairing }));
  changeHandoff({ fault: null, phase: 'idle' });
  void sendAll();
  return pairing.computer;
}

/** Is paired no more; the computer is told if it can be reached. What has not gone stays here. */
export async function forgetComputer(): Promise<void> {
  const { pairing } = kept;
  stopHandoff();
  await change(() => ({ pairing: null, jobs: [] }));
  if (pairing)
    await fetch('/handoff/phone', {
      method: 'DELETE',
      headers: { authorization: `Bearer ${pairing.token}` },
    }).catch(() => {});
}

/** Sends frames to the computer, after what is on its way already. */
export async function handOff(ids: readonly string[], choices: DeliveryChoices): Promise<void> {
  await change(({ jobs }) => ({ jobs: [...jobs, { ids, done: [], choices }] }));
  goOn();
  void sendAll();
}

/** Drops what has not gone yet. What is there stays there. */
export function stopHandoff(): void {
  isStopped = true;
  goOn();
  void worker.tell((api) => api.stop()).catch(() => {});
  void change(() => ({ jobs: [] }));
}

/** Tries again what waits. */
export function retryHandoff(): void {
  goOn();
  void sendAll();
}

/** A worker that cannot be loaded comes from the same computer. */
const faultOf = (error: unknown): HandoffFault | null =>
  error instanceof WorkerLost
    ? 'unreachable'
    : error instanceof Error && error.name === 'HandoffError'
      ? (error.message as HandoffFault)
      : null;

/** Until it is tried again: by hand, as the network comes back, or after a while. */
async function waitToRetry(): Promise<void> {
  await new Promise<void>((resolve) => {
    goOn = resolve;
    setTimeout(resolve, RETRY_MS);
    addEventListener('online', () => resolve(), { once: true });
  });
  goOn = () => {};
}

/** Works through all jobs. */
async function sendAll(): Promise<void> {
  if (isSending || !kept.pairing || kept.jobs.length === 0) return;
  isSending = true;
  isStopped = false;
  const work = async (): Promise<void> => {
    changeHandoff({ files: { done: 0, total: 0 }, bytes: 0, failed: [] });
    // Another tab may have sent it all meanwhile.
    await change(() => ({}));
    while (kept.jobs.length > 0 && kept.pairing) {
      changeHandoff({ phase: 'sending', fault: null });
      const fault = await sendJob(kept.jobs[0]);
      if (isStopped) break;
      if (fault === null) continue;
      const waits = fault === 'unreachable' || fault === 'full';
      changeHandoff({ phase: waits ? 'waiting' : 'held', fault });
      if (!waits) return;
      await waitToRetry();
    }
    changeHandoff({ phase: 'idle', fault: null });
  };
  try {
    if ('locks' in navigator) await navigator.locks.request(LOCK, work);
    else await work();
  } catch {
    // Frames could not even be listed.
    changeHandoff({ phase: 'held', fault: null });
  } finally {
    isSending = false;
    worker.end();
    // Frames may have been added while it stopped.
    if (handoffStore.get().phase === 'idle') void sendAll();
  }
}

/** Sends the files of one job. @returns why it could not go on; null once it is done */
async function sendJob(job: HandoffJob): Promise<StoppingFault | null> {
  const found = await Promise.all(job.ids.map((id) => findFrame(id)));
  const frames = found.flatMap((frame) => frame ?? []);
  const rollNames = new Map((await rollRecords()).map(({ id, name }) => [id, name]));
  const waiting = frames.map((frame) => frame.record.id).filter((id) => !job.done.includes(id));
  const planned = planDelivery(frames, rollNames, job.choices);
  const entries = planned.filter(({ frame }) => waiting.includes(frame));
  const { done, total } = handoffStore.get().files;
  changeHandoff({ files: { done, total: Math.max(total, done + entries.length) } });
  let fault: StoppingFault | null = null;
  const sendFrames = async (): Promise<void> => {
    for (let id = waiting.shift(); id !== undefined; id = waiting.shift()) {
      for (const entry of entries.filter(({ frame }) => frame === id)) {
        if (fault !== null || isStopped) return;
        fault = await sendEntry(entry);
        if (fault !== null) return;
      }
      await noteDone(id);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, sendFrames));
  if (fault === null && !isStopped) await change(({ jobs }) => ({ jobs: jobs.slice(1) }));
  return fault;
}

const noteDone = (id: string): Promise<void> =>
  change(({ jobs: [first, ...others] }) => ({
    jobs: first ? [{ ...first, done: [...first.done, id] }, ...others] : [],
  }));

/** Sends one file. What is wrong with it alone is noted; what stops the others is returned. */
async function sendEntry(entry: DeliveryEntry): Promise<StoppingFault | null> {
  const { token } = kept.pairing!;
  const fail = (why: string): void => {
    const failed: NotDelivered = { path: pathOf(entry), why };
    changeHandoff({ failed: [...handoffStore.get().failed, failed] });
  };
  try {
    const onBytes = proxy((bytes: number) =>
      changeHandoff({ bytes: handoffStore.get().bytes + bytes }),
    );
    const isThere = await worker.call((api) =>
      api.handOver(entry, location.origin, token, onBytes),
    );
    if (!isThere) return null;
  } catch (error) {
    const fault = faultOf(error);
    if (fault === 'refused') fail('The computer does not take such a file.');
    else if (fault === 'damaged') fail('It arrived damaged every time.');
    else if (fault !== null) return fault;
    else fail(error instanceof Error ? error.message : 'It could not be read.');
  }
  const { done, total } = handoffStore.get().files;
  changeHandoff({ files: { done: done + 1, total } });
  return null;
}
