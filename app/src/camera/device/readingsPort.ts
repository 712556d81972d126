import type { Readings } from './readings';

/** Readings of a worker, handed to whoever listens. */
export class ReadingsPort {
  private readonly channel = new MessageChannel();
  private readonly listeners = new Set<(readings: Readings) => void>();

  constructor() {
    this.channel.port1.onmessage = (event: MessageEvent<Readings>) => {
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

  close(): void {
    this.listeners.clear();
    this.channel.port1.close();
  }
}
