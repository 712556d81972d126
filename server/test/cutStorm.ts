import { httpLine, sendFile } from '@velmo/core/handoff';
import { anyFile, breakingFetch, filesUnder, receiving } from './handoffKit';

/** Phones send a few files at once. */
const AT_ONCE = 8;

/** Uniform numbers under 1, the same at every run (Park and Miller, 1988). */
function uniform(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}

/**
 * Hands files over while each one's connection is cut at random bytes.
 *
 * @returns sums of what was sent and of what came, sorted, and the cuts there were
 */
export async function cutStorm(files: number, cuts: number) {
  const there = await receiving();
  const token = await there.pairPhone('Pan phone');
  const random = uniform(7);
  const all = Array.from({ length: files }, (_, n) =>
    anyFile(`S-${n}.dng`, 2000 + Math.floor(random() * 4000)),
  );
  let cut = 0;
  const handOver = async ({ file, content }: (typeof all)[number]): Promise<void> => {
    let left = cuts;
    // Twice as far as it may come, on average: the very end is cut now and then, too.
    const bytesToBreak = (): number => {
      if (left-- <= 0) return Infinity;
      cut++;
      return Math.floor((random() * file.bytes * 2) / cuts);
    };
    const breaking = breakingFetch(bytesToBreak, () => random() < 0.5);
    const line = httpLine(breaking, there.origin, token);
    // Cut again and again where nothing had come yet, it is out of reach: tried until it is there.
    for (let isThere = false; !isThere;) {
      const [known] = await line.offer([file]);
      const sent = sendFile(line, file, content, known, { pause: async () => {} });
      isThere = await sent.catch(() => false);
    }
  };
  const queue = [...all];
  const work = async (): Promise<void> => {
    for (let next = queue.pop(); next; next = queue.pop()) await handOver(next);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, work));
  await there.end();
  const came = Object.values(filesUnder(there.folder)).sort();
  return { sent: all.map(({ sha256 }) => sha256).sort(), came, cut };
}
