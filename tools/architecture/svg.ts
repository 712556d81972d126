const INK = '#22262b';
const FAINT = '#6b7280';
const LINE = '#9aa3ad';
const PAPER = '#ffffff';
const EDGE = '#c5ccd3';

const escaped = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

/** A line of text; x is its left edge, or its middle. */
export const text = (
  x: number,
  y: number,
  words: string,
  { size = 13, bold = false, faint = false, middle = false } = {},
): string =>
  `<text x="${x}" y="${y}" font-size="${size}"${bold ? ' font-weight="600"' : ''}` +
  ` fill="${faint ? FAINT : INK}"${middle ? ' text-anchor="middle"' : ''}>${escaped(words)}</text>`;

export const box = (x: number, y: number, width: number, height: number): string =>
  `<rect x="${x}" y="${y}" width="${width}" height="${height}" rx="4" fill="${PAPER}" stroke="${EDGE}"/>`;

/**
 * A line from one place down to another, leaving and arriving upright.
 *
 * @param end with a head, or straight on for so much further
 */
export function arrow(
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  end: 'head' | number = 'head',
): string {
  const bend = (y2 - y1) / 2;
  const line = `M${x1} ${y1}C${x1} ${y1 + bend} ${x2} ${y2 - bend} ${x2} ${y2 - 5}`;
  const drawn = (path: string): string => `<path d="${path}" fill="none" stroke="${LINE}"/>`;
  if (end !== 'head') return drawn(`${line}V${y2 + end}`);
  const head = `M${x2 - 3.5} ${y2 - 7}L${x2} ${y2}L${x2 + 3.5} ${y2 - 7}Z`;
  return `${drawn(line)}<path d="${head}" fill="${LINE}"/>`;
}

/** A picture of its parts, the first beneath. */
export const drawing = (width: number, height: number, parts: readonly string[]): string =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" ` +
      `height="${height}" font-family="system-ui, sans-serif">`,
    `<rect width="${width}" height="${height}" fill="#f4f6f8"/>`,
    ...parts,
    '</svg>\n',
  ].join('\n');
