import {
  contrastSearch,
  dioptresOfClick,
  focusClickOf,
  focusClickRange,
  hyperfocalM,
  circleOfConfusionMm,
  lensFocus,
  type LensModel,
  type SearchOutcome,
} from '@velmo/core/optics';
import type { Sharpness } from '@velmo/core/monitor';
import type { FocusReading } from '../device/readings';

/** Where a lens stands and how it came there: held, found by contrast, or on its way. */
export class AutoFocus {
  private lens: LensModel | null = null;
  private position = 0;
  private state: FocusReading['state'] = 'found';
  private search: Generator<number, SearchOutcome, Sharpness> | null = null;
  /** Where the lens stood before the search: where it goes back to when nothing is found. */
  private before = 0;
  private waiting: ((dioptres: number) => void)[] = [];

  get reading(): FocusReading {
    return { dioptres: this.position, state: this.state };
  }

  get searching(): boolean {
    return this.search !== null;
  }

  /**
   * Another lens is looked through; one that has not been focused yet stands where most is sharp.
   */
  mount(lens: LensModel): void {
    if (lens === this.lens) return;
    const first = this.lens === null;
    this.stop();
    this.lens = lens;
    const start = first ? 1 / hyperfocalM(lens, circleOfConfusionMm(lens)) : this.position;
    this.position = lensFocus(lens, start);
    if (lens.fixedFocusM !== null) this.state = 'fixed';
  }

  /** Holds the lens where it is told to stand. */
  hold(dioptres: number): void {
    if (!this.lens) return;
    this.stop();
    this.position = lensFocus(this.lens, dioptres);
    this.state = this.lens.fixedFocusM === null ? 'held' : 'fixed';
  }

  /** Begins a search; one that was under way starts over. */
  start(): void {
    const { lens } = this;
    if (!lens) return;
    if (lens.fixedFocusM !== null) {
      this.hold(0);
      this.answer();
      return;
    }
    if (!this.search) this.before = this.position;
    const range = focusClickRange(lens);
    this.search = contrastSearch(range, focusClickOf(lens, this.position));
    this.state = 'searching';
    this.proceed(this.search.next());
  }

  /** Goes on with a search by what is seen where the lens stands. */
  see(sharpness: Sharpness): void {
    if (this.search) this.proceed(this.search.next(sharpness));
  }

  /**
   * Resolves when no search is under way, or when something else is asked of the lens, with where
   * it stands by then, in dioptres.
   */
  settled(): Promise<number> {
    return this.search
      ? new Promise((resolve) => this.waiting.push(resolve))
      : Promise.resolve(this.position);
  }

  private proceed(step: IteratorResult<number, SearchOutcome>): void {
    const lens = this.lens!;
    if (!step.done) {
      this.position = dioptresOfClick(lens, step.value);
      return;
    }
    const outcome = step.value;
    this.position = outcome.found ? dioptresOfClick(lens, outcome.click) : this.before;
    this.state = outcome.found ? 'found' : outcome.why;
    this.search = null;
    this.answer();
  }

  private stop(): void {
    this.search = null;
    this.answer();
  }

  private answer(): void {
    const { waiting } = this;
    this.waiting = [];
    for (const resolve of waiting) resolve(this.position);
  }
}
