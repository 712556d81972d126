import type { PagePart } from '../../camera/live/firstCanvas';
import { screenRoom } from '../../instruments/useScreenRoom';
import { measureField, pictureCorner, type FieldFor } from './layout';

/** Where Field has its Window in the page as it is now, and whether the picture stands there. */
export function windowPlace(by?: FieldFor): {
  readonly place: PagePart;
  readonly upright: boolean;
} {
  const { width, height } = screenRoom();
  const measures = measureField(width, height, by);
  const { pictureWidth, pictureHeight, upright } = measures;
  const place = { ...pictureCorner(measures, width), width: pictureWidth, height: pictureHeight };
  return { place, upright };
}
