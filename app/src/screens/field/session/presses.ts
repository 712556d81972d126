import type { CaptureProgress } from '../../../camera/device/CameraDevice';
import type { Store } from '../../../state/store';
import type { FieldState } from './fieldState';

/** One press of Expose: it has a shutter and a progress of its own. */
export interface Press {
  readonly shutter: AbortController;
  progress: CaptureProgress | null;
  /** It makes several frames, and goes on while they are looked at. */
  isSeries: boolean;
}

/** Why a shutter was closed that nobody pressed. */
export const CAMERA_GOES = 'the camera was let go';

/** The presses under way; what is shown of them is in the state of Field. */
export class Presses {
  private readonly underWay: Press[] = [];
  /** Told when a series has ended. */
  onSeriesEnd: () => void = () => {};

  constructor(private readonly state: Store<FieldState>) {}

  /** The one whose shutter is open, or that is counted down: a press ends it. */
  get open(): Press | undefined {
    return this.underWay.find(({ progress }) => progress?.open);
  }

  get hasSeries(): boolean {
    return this.underWay.some(({ isSeries }) => isSeries);
  }

  begin(): Press {
    const press: Press = { shutter: new AbortController(), progress: null, isSeries: false };
    this.underWay.push(press);
    this.tell();
    return press;
  }

  tellProgress(press: Press, progress: CaptureProgress): void {
    press.progress = progress;
    this.tell();
  }

  end(press: Press): void {
    this.underWay.splice(this.underWay.indexOf(press), 1);
    this.tell();
    if (press.isSeries) this.onSeriesEnd();
  }

  /** Closes every shutter: the camera is about to go. */
  closeShutters(): void {
    for (const { shutter } of this.underWay) shutter.abort(CAMERA_GOES);
  }

  /** An open shutter is shown first, because a press closes it; then whatever is oldest. */
  private tell(): void {
    const shown = this.open ?? this.underWay[0];
    this.state.update((s) => ({
      ...s,
      pending: this.underWay.length,
      progress: shown?.progress ?? null,
    }));
  }
}
