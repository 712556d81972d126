/**
 * A task that is done once at a time: of what is asked while it is under way, only the latest
 * follows. What is passed over resolves with undefined as the next begins.
 */
export function latestOnly<Args extends unknown[], T>(
  task: (...args: Args) => Promise<T>,
): (...args: Args) => Promise<T | undefined> {
  interface Asked {
    readonly args: Args;
    readonly resolve: (value: T | undefined) => void;
    readonly reject: (reason: unknown) => void;
  }
  let busy = false;
  let next: Asked | null = null;
  const run = async ({ args, resolve, reject }: Asked): Promise<void> => {
    busy = true;
    await task(...args).then(resolve, reject);
    busy = false;
    const following = next;
    next = null;
    if (following) void run(following);
  };
  return (...args) =>
    new Promise<T | undefined>((resolve, reject) => {
      const asked = { args, resolve, reject };
      if (!busy) {
        void run(asked);
        return;
      }
      next?.resolve(undefined);
      next = asked;
    });
}
