import { meterWeights, type MeterPattern, type PicturePoint } from '@velmo/core/exposure';

/** Meter weights of a picture, kept as long as its size, the pattern and the spot stay. */
export class KeptWeights {
  private weights: Float32Array = new Float32Array(0);
  private weightsOf = '';

  of(
    { width, height }: { readonly width: number; readonly height: number },
    pattern: MeterPattern,
    spot: PicturePoint,
  ): Float32Array {
    const key = `${width}x${height} ${pattern} ${spot.x} ${spot.y}`;
    if (key !== this.weightsOf) {
      this.weights = meterWeights(pattern, width, height, spot);
      this.weightsOf = key;
    }
    return this.weights;
  }
}
