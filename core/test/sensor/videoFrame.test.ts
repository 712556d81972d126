import jpeg from 'jpeg-js';
import { assembleLinearDng, decodeRaw, readDng } from '../../src/files';
import { linearise, LINEAR_WHITE, linearTable, SRGB_RESPONSE } from '../../src/response';
import { fileOf, readPortableMap, run } from '../support/shots';

const TABLE = linearTable(SRGB_RESPONSE, LINEAR_WHITE);
const [width, height] = [160, 90];
const rgba = Uint8ClampedArray.from({ length: 4 * width * height }, (_, i) =>
  i % 4 === 3 ? 255 : (i * 7 + (i >> 9)) & 255,
);
const LINEAR = new Uint16Array(3 * width * height);
linearise(rgba, TABLE, LINEAR);
const preview = jpeg.encode({ data: Buffer.from(rgba), width, height }, 90).data;
const bytes = Buffer.concat(
  assembleLinearDng({ data: LINEAR, width, height }, null, new Uint8Array(preview), {
    make: 'Browser camera',
    model: 'test',
    software: 'Velmo',
    description:
      'Linear DNG made from a processed video frame of a browser camera; not sensor data.',
    capturedAt: { epochMs: 0, offsetMinutes: 0 },
  }),
);

describe('linear DNG of a video frame', () => {
  test('holds the frame’s linear values, and our reader gives them back', () => {
    const dng = readDng(new Uint8Array(bytes));
    expect(dng.raw).toMatchObject({ kind: 'linear', width, height, samplesPerPixel: 3 });
    const raw = decodeRaw(dng);
    for (let p = 0; p < width * height; p += 37)
      for (let c = 0; c < 3; c++) expect(raw[3 * p + c]).toBe(TABLE[rgba[4 * p + c]]);
  });

  test('dcraw and LibRaw open it with the same values; ExifTool has no warning and no invented exposure', () => {
    const file = fileOf(bytes);
    const map = readPortableMap(
      run('dcraw', ['-4', '-o', '0', '-r', '1', '1', '1', '1', '-c', file]),
    );
    expect([map.width, map.height, map.channels]).toEqual([width, height, 3]);
    for (let p = 0; p < width * height; p += 37)
      for (let c = 0; c < 3; c++)
        expect(Math.abs(map.data[3 * p + c] - TABLE[rgba[4 * p + c]])).toBeLessThanOrEqual(1);
    run('dcraw_emu', ['-w', '-4', file]);
    const tags = JSON.parse(
      run('exiftool', ['-json', '-n', '-All:All', '-validate', file]).toString(),
    )[0];
    expect(tags.Validate).toBe('0 0 0');
    expect(tags.Description).toContain('not sensor data');
    expect(tags.ExposureTime).toBeUndefined();
    expect(tags.ISO).toBeUndefined();
  });
});
