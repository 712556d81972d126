/**
 * Rows of the place that is compiled, which stands behind `./place`; see src/scene/rays/rayRow.ts.
 */
import { look } from './place';
import { renderRow } from '../src/scene/rays/rayRow';

export function row(column: i32, row: i32, width: i32, samples: i32, layout: i32, lamp: i32, rgb: i32, depth: i32): void {
  renderRow(look, column, row, width, samples, layout, lamp, rgb, depth);
}
