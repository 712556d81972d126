/** How merged light becomes a picture. */
export interface FinishChoices {
  /** Stops brighter than as measured. */
  readonly brightness: number;
  /** Share of what the range is too long that is taken out of its large differences, 0..1. */
  readonly range: number;
  /** How strong small differences come out; 1: as they are. */
  readonly detail: number;
}

export const FIRST_FINISH: FinishChoices = { brightness: 0, range: 0.9, detail: 1.1 };
