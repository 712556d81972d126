/** Those who are told when something happens, in the order in which they asked. */
export class Listeners<T> {
  private readonly all = new Set<(value: T) => void>();

  /** @returns what ends the listening */
  readonly add = (listener: (value: T) => void): (() => void) => {
    this.all.add(listener);
    return () => this.all.delete(listener);
  };

  /** Tells all who listen now; who stops listening meanwhile is told all the same. */
  tell(value: T): void {
    for (const listener of [...this.all]) listener(value);
  }

  /** Nobody listens any more. */
  clear(): void {
    this.all.clear();
  }
}
