import { blurReachPx, DefocusBlur, type Defocus } from '@velmo/core/optics';
import { depthExtremes, type LightPlane } from '@velmo/core/sensor';

/** The live picture's light behind the lens; blurred anew only when focus or light have changed. */
export class FocusedLight {
  private readonly blur = new DefocusBlur();
  private out = new Float32Array(0);
  private dioptres = NaN;
  /** Nearest and farthest distance in the picture. */
  private extremes: [number, number] = [Infinity, Infinity];

  /**
   * The light of a plane behind the lens, and whether it is another than last time.
   *
   * @param fresh the plane holds other light than last time
   * @param moved the plane holds other distances than last time
   */
  through(
    plane: LightPlane,
    fresh: boolean,
    moved: boolean,
    defocus: Defocus,
  ): { readonly rgb: Float32Array; readonly changed: boolean } {
    if (moved) this.extremes = depthExtremes(plane.depthM);
    const changed = fresh || defocus.dioptres !== this.dioptres;
    this.dioptres = defocus.dioptres;
    const reach = blurReachPx(defocus, ...this.extremes);
    if (reach === 0) return { rgb: plane.rgb, changed };
    if (changed) {
      const { width, height } = plane;
      if (this.out.length !== plane.rgb.length) this.out = new Float32Array(plane.rgb.length);
      this.blur.blur(plane, defocus, { column: 0, row: 0, width, height }, reach, this.out);
    }
    return { rgb: this.out, changed };
  }
}
