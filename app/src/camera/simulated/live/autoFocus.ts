import {
  contrastSearch,
  defocusOf,
  dioptresOfClick,
  focusClickOf,
  focusClickRange,
  hyperfocalM,
  circleOfConfusionMm,
  lensFocus,
  phaseSearch,
  type LensModel,
  type PhaseOutcome,
  type PhaseReading,
  type SearchOutcome,
} from '@velmo/core/optics';
import type { Sharpness } from '@velmo/core/monitor';
import { sharpHalfWidth } from '@velmo/core/series';
import type { FocusReading } from '../../device/readings';

/** A search under way, by what it looks at. */
type Search =
  | { readonly by: 'phase'; readonly steps: Generator<number, PhaseOutcome, PhaseReading> }
  | { readonly by: 'contrast'; readonly steps: Generator<number, SearchOutcome, Sharpness> };

/**
 * Where a lens stands and how it came there: held, found, or on its way. Found by phase, which says
 * at a look how far and which way; by contrast where the halves of the pupil do not agree.
 */
export class AutoFocus {
  private lens: LensModel | null = null;
  private position = 0;
  private state: FocusReading['state'] = 'found';
  private search: Search | null = null;
  private waiting: ((dioptres: number) => void)[] = [];

  get reading(): FocusReading {
    return { dioptres: this.position, state: this.state };
  }

  /**
   * Another lens is looked through; one that has not been focused yet stands where most is sharp.
   */
  mount(lens: LensModel): void {
    if (lens === this.lens) return;
    const first = this.lens === null;
    this.stop();
    this.lens = lens;
    this.position = lensFocus(lens, first ? hyperfocalOf(lens) : this.position);
    if (lens.fixedFocusM !== null) this.state = 'fixed';
  }

  /** Holds the lens where it is told to stand. */
  hold(dioptres: number): void {
    if (!this.lens) return;
    this.stop();
    this.position = lensFocus(this.lens, dioptres);
    this.state = this.lens.fixedFocusM === null ? 'held' : 'fixed';
  }

  /**
   * Begins a search; one that was under way starts over.
   *
   * @param pixelTangent angle of a photosite, as a tangent
   */
  start(pixelTangent: number): void {
    const { lens } = this;
    if (!lens) return;
    if (lens.fixedFocusM !== null) {
      this.hold(0);
      this.answer();
      return;
    }
    this.state = 'searching';
    const steps = phaseSearch(this.position, {
      hyperfocalDioptres: hyperfocalOf(lens),
      sharpHalfWidth: sharpHalfWidth(lens, circleOfConfusionMm(lens)),
      clamp: (dioptres) => lensFocus(lens, dioptres),
      pxPerDioptre: (dioptres) => defocusOf(lens, dioptres, pixelTangent).pxPerDioptre,
    });
    this.search = { by: 'phase', steps };
    this.goOnByPhase(steps.next());
  }

  /** What a search under way wants to see next; null: none is. */
  get looksBy(): Search['by'] | null {
    return this.search?.by ?? null;
  }

  /** Goes on with a search by what the halves of the pupil show where the lens stands. */
  seePhase(phase: PhaseReading): void {
    if (this.search?.by === 'phase') this.goOnByPhase(this.search.steps.next(phase));
  }

  /** Goes on with a search by the detail that is seen where the lens stands. */
  seeDetail(sharpness: Sharpness): void {
    if (this.search?.by === 'contrast') this.goOnByContrast(this.search.steps.next(sharpness));
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

  private goOnByPhase(step: IteratorResult<number, PhaseOutcome>): void {
    if (!step.done) {
      this.position = step.value;
      return;
    }
    const outcome = step.value;
    if (!outcome.found && outcome.why === 'unclear') {
      const lens = this.lens!;
      const steps = contrastSearch(focusClickRange(lens), focusClickOf(lens, this.position));
      this.search = { by: 'contrast', steps };
      this.goOnByContrast(steps.next());
      return;
    }
    this.end(outcome.dioptres, outcome.found ? 'found' : outcome.why);
  }

  private goOnByContrast(step: IteratorResult<number, SearchOutcome>): void {
    const lens = this.lens!;
    if (!step.done) {
      this.position = dioptresOfClick(lens, step.value);
      return;
    }
    const outcome = step.value;
    // Where nothing is found, most is sharp.
    if (outcome.found) this.end(dioptresOfClick(lens, outcome.click), 'found');
    else this.end(hyperfocalOf(lens), outcome.why);
  }

  private end(dioptres: number, state: FocusReading['state']): void {
    this.position = dioptres;
    this.state = state;
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

const hyperfocalOf = (lens: LensModel): number =>
  lensFocus(lens, 1 / hyperfocalM(lens, circleOfConfusionMm(lens)));
