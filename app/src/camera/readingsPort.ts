import type { Readings } from './CameraDevice';

/** Readings of a worker, handed to whoever listens. */
export class ReadingsPort {
  private readonly channel = new MessageChannel();
  private readonly listeners = new Set<(readings: Readings) => void>();
  private latest: Readings | null = null;

  constructor() {
    this.channel.port1.onmessage = (event: MessageEvent<Readings>) => {
      this.latest = event.data;
      for (const listener of [...this.listeners]) listener(event.data);
    };
  }

  /** The worker's end. */
  get remote(): MessagePort {
    return this.channel.port2;
  }

  listen(listener: (readings: Readings) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** Readings made with the given `apply` or a later one; whatever there is when none come in time. */
  settled(applied: number, patienceMs = 1000): Promise<Readings | null> {
    if (this.latest && this.latest.applied >= applied) return Promise.resolve(this.latest);
    return new Promise((resolve) => {
      const done = (): void => {
        stop();
        clearTimeout(timer);
        resolve(this.latest);
      };
      const timer = setTimeout(done, patienceMs);
      const stop = this.listen((readings) => {
        if (readings.applied >= applied) done();
      });
    });
  }

  close(): void {
    this.listeners.clear();
    this.channel.port1.close();
  }
}
