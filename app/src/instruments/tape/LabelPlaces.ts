import { placeLabel, type Stretch } from './placeLabel';

/** Width of a letter of the narrow face at a label's size, where it cannot be measured. */
const LETTER_PX = 5.4;
/** Widths measured, by what a label says: all have one face and size. */
const widths = new Map<string, number>();
const MAX_WIDTHS = 500;
/** The arrival of a face before which nothing that is kept was measured. */
let measuredSince: Event | null = null;

function widthOf(label: HTMLElement): number {
  const text = label.textContent ?? '';
  const known = widths.get(text);
  if (known !== undefined) return known;
  if (widths.size > MAX_WIDTHS) widths.clear();
  const width = Math.ceil(label.getBoundingClientRect().width) || text.length * LETTER_PX;
  widths.set(text, width);
  return width;
}

interface PlacedLabel extends Stretch {
  readonly element: HTMLElement;
  readonly width: number;
}

/**
 * The labels of a tape, put where they can be read whenever the tape has moved; without a render.
 */
export class LabelPlaces {
  private labels: PlacedLabel[] = [];
  private ruler: HTMLElement | null = null;
  private again: () => void = () => {};

  /** Labels as they now are on a ruler. */
  collect(ruler: HTMLElement): void {
    this.ruler = ruler;
    const elements = ruler.querySelectorAll<HTMLElement>('[data-from]');
    this.labels = Array.from(elements, (element) => ({
      element,
      from: Number(element.dataset.from),
      to: Number(element.dataset.to),
      width: widthOf(element),
    }));
  }

  /**
   * @param seen what of the ruler is seen, in its own pixels
   * @param index where the index line stands on it
   */
  place(seen: Stretch, index: number): void {
    this.again = () => this.place(seen, index);
    for (const label of this.labels) {
      const x = placeLabel(label, label.width, seen, index);
      const { style } = label.element;
      style.opacity = x === null ? '0' : '1';
      if (x !== null) style.transform = `translateX(${x}px)`;
    }
  }

  /** Measures and places them anew: another face has come than they were measured in. */
  measureAnew(arrival: Event): void {
    if (!this.ruler) return;
    // Once for all tapes.
    if (measuredSince !== arrival) widths.clear();
    measuredSince = arrival;
    this.collect(this.ruler);
    this.again();
  }
}
