import { Listeners } from '../../state/listeners';
import type { Readings } from './readings';

/** Readings of a worker, handed to whoever listens. */
export class ReadingsPort {
  private readonly channel = new MessageChannel();
  private readonly readings = new Listeners<Readings>();
  readonly listen = this.readings.add;

  constructor() {
    this.channel.port1.onmessage = (event: MessageEvent<Readings>) => this.tell(event.data);
  }

  /** Hands on readings that came another way. */
  tell(readings: Readings): void {
    this.readings.tell(readings);
  }

  /** The worker's end. */
  get remote(): MessagePort {
    return this.channel.port2;
  }

  close(): void {
    this.readings.clear();
    this.channel.port1.close();
  }
}
