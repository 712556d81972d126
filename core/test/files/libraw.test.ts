import {
  bayerOf,
  decodeRaw,
  fileTypeOf,
  isCutShort,
  librawLinear,
  librawMosaic,
  readDng,
  TAG,
  type LibrawMetadata,
} from '../../src/files';
import { EVEN, foreign, numbers, ramp, withoutDng } from '../support/foreignTiff';
import { fileOf, run } from '../support/shots';

/** What LibRaw gives of a raw file, as the one form everything else reads. */

const METADATA: LibrawMetadata = {
  ...EVEN,
  raw_width: EVEN.width,
  raw_height: EVEN.height,
  top_margin: 0,
  left_margin: 0,
  flip: 0,
  filters: 0xb4b4b4b4,
  camera_make: 'Other',
  camera_model: 'Camera',
  iso_speed: 200,
  shutter: 1 / 125,
  aperture: 0,
  focal_len: 0,
  timestamp: 0,
  color_data: {
    black: 0,
    maximum: 4095,
    cam_mul: [2, 1, 1.6, 1],
    pre_mul: [1, 1, 1, 0],
    cam_xyz: [
      [0, 0, 0],
      [0, 0, 0],
      [0, 0, 0],
      [0, 0, 0],
    ],
  },
};

/** LibRaw's word for patterns of two by two, by DNG's. */
const FILTERS: Readonly<Record<string, number>> = {
  '0,1,1,2': 0xb4b4b4b4,
  '1,2,0,1': 0x4b4b4b4b,
  '2,1,1,0': 0x1e1e1e1e,
  '1,0,2,1': 0xe1e1e1e1,
};

/** Each cell of two by two less its black, colour by colour, as LibRaw halves a picture. */
function halvedOf(raw: Uint16Array, pattern: readonly number[], black: readonly number[]) {
  const [width, height] = [EVEN.width / 2, EVEN.height / 2];
  const data = new Uint16Array(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      pattern.forEach((colour, place) => {
        const at = 2 * x + (place & 1) + (2 * y + (place >> 1)) * EVEN.width;
        data[4 * (y * width + x) + colour] = Math.max(0, raw[at] - black[place]);
      });
  return { width, height, colors: 4, data };
}

describe('a mosaic of LibRaw', () => {
  test.each(Object.keys(FILTERS))(
    'pattern %s, black of each place: as our own reader has it',
    (cfa) => {
      const black = [256, 258, 254, 257];
      const filters = FILTERS[cfa];
      const dng = foreign(EVEN, ramp(EVEN), [
        numbers(TAG.CFAPattern, cfa.split(',').map(Number), 'BYTE'),
        numbers(TAG.BlackLevelRepeatDim, [2, 2], 'SHORT'),
        numbers(TAG.BlackLevel, black, 'SHORT'),
      ]);
      const ours = readDng(dng);
      const { file, data } = librawMosaic(
        { ...METADATA, filters },
        ramp(EVEN),
        halvedOf(ramp(EVEN), bayerOf(filters)!, black),
      );
      expect(file.raw).toEqual({ ...ours.raw, crop: file.raw.crop });
      expect(data).toEqual(decodeRaw(ours));
      // The program itself calls the pattern the same.
      const identified = run('raw-identify', ['-v', fileOf(dng)]).toString();
      const letters = bayerOf(filters)!.map((colour) => 'RGBG'[colour]);
      expect(/Filter pattern: (\w+)/.exec(identified)![1].slice(0, 4)).toBe(letters.join(''));
    },
  );

  test('margins are left out; where all is black, the black it tells is taken', () => {
    const stride = EVEN.width + 8;
    const raw = new Uint16Array(stride * (EVEN.height + 4)).fill(7);
    for (let y = 0; y < EVEN.height; y++)
      for (let x = 0; x < EVEN.width; x++) raw[(y + 4) * stride + x + 8] = 300;
    const margins = {
      raw_width: stride,
      raw_height: EVEN.height + 4,
      left_margin: 8,
      top_margin: 4,
    };
    const dark = halvedOf(new Uint16Array(EVEN.width * EVEN.height), [0, 1, 3, 2], [0, 0, 0, 0]);
    const color_data = { ...METADATA.color_data, black: 299 };
    const { file, data } = librawMosaic({ ...METADATA, ...margins, color_data }, raw, dark);
    expect(file.raw).toMatchObject({ ...EVEN, blackLevel: 299, whiteLevel: 4095 });
    expect(data.every((v) => v === 300)).toBe(true);
    expect(() => librawMosaic({ ...METADATA, raw_width: 9 }, raw, dark)).toThrow('do not fit');
  });

  test('no pattern of two by two is no Bayer pattern', () => {
    // Six by six, none, four rows that differ, three greens.
    for (const filters of [9, 0, 0xb41eb41e, 0x55555555]) expect(bayerOf(filters)).toBeNull();
    expect(bayerOf(0x94949494)).toEqual([0, 1, 1, 2]);
  });
});

test('what is interpolated is brought to 16 bits, white to white', () => {
  const data = Uint16Array.from([0, 2000, 4000, 5000, 1, 3]);
  const color_data = { ...METADATA.color_data, black: 95 };
  const linear = librawLinear(
    { ...METADATA, filters: 9, color_data },
    { width: 2, height: 1, colors: 3, data },
  );
  expect(linear.file.raw).toMatchObject({ kind: 'linear', blackLevel: 0, whiteLevel: 65535 });
  expect(Array.from(linear.data)).toEqual([0, 32768, 65535, 65535, 16, 49]);
});

test('colours, balance, orientation and exposure as it tells them', () => {
  const halved = halvedOf(ramp(EVEN), [0, 1, 3, 2], [0, 0, 0, 0]);
  const of = (more: Partial<LibrawMetadata>) =>
    librawMosaic({ ...METADATA, ...more }, ramp(EVEN), halved).file;
  expect(of({}).asShotNeutral).toEqual([0.5, 1, 0.625]);
  expect(of({}).exif).toMatchObject({ make: 'Other', iso: 200, timeS: 1 / 125 });
  expect(of({}).exif.fNumber).toBeUndefined();
  // dcraw's flip: 3 half a turn, 5 a quarter to the left, 6 to the right.
  expect([0, 3, 5, 6].map((flip) => of({ flip }).orientation)).toEqual([1, 3, 8, 6]);
  const cam_xyz = [
    [0.7, -0.2, 0],
    [-0.4, 1.2, 0.2],
    [0, 0.1, 0.6],
    [0, 0, 0],
  ];
  const color_data = {
    ...METADATA.color_data,
    cam_xyz,
    cam_mul: [0, 1, 0, 0],
    pre_mul: [2, 1, 1.5, 0],
  };
  const known = of({ color_data });
  expect(known.profile[0].colorMatrix).toEqual(cam_xyz.slice(0, 3).flat());
  expect(known.asShotNeutral[0]).toBe(0.5);
});

test('raw files of makers are told by how they begin', () => {
  const head = (text: string): Uint8Array =>
    Uint8Array.from(text.padEnd(32, '\0'), (c) => c.charCodeAt(0));
  for (const text of [
    'FUJIFILMCCD-RAW 0201',
    'IIRO\b\0',
    'IIU\0\b',
    '\0\0\0\u0018ftypcrx ',
    'II*\0\u0010\0\0\0CR\u0002',
  ])
    expect(fileTypeOf(head(text))).toEqual({ kind: 'raw' });
  expect(fileTypeOf(head('II*\0\b\0\0\0'))).toEqual({ kind: 'tiff' });
});

test('a raw that lacks pixels is told by its directories', () => {
  const whole = withoutDng(foreign(EVEN, ramp(EVEN)));
  expect(isCutShort(whole)).toBe(false);
  expect(isCutShort(whole.subarray(0, whole.length - 1))).toBe(true);
  expect(isCutShort(whole.subarray(0, 60))).toBe(false);
  expect(isCutShort(new Uint8Array(40))).toBe(false);
});
