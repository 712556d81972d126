import { seriesFrames } from '@velmo/core/series';
import type { FieldState } from '../session/fieldState';

/** Frames that a press would make. */
export const seriesCount = ({ settings, capabilities }: FieldState): number =>
  capabilities?.series.includes(settings.series.kind)
    ? seriesFrames(settings, capabilities.focus(settings)?.sharpHalfWidth ?? null)
    : 1;
