import { memo } from 'react';
import Svg, { Line, Rect } from 'react-native-svg';
import {
  encodeSrgb,
  multiplyVec,
  NAMED_LIGHTS,
  whiteChromaticity,
  xyzFromChromaticity,
  XYZ_TO_SRGB,
} from '@velmo/core/colour';
import { COLOUR } from '../../theme/theme';
import { TapeLabels, type TapeLabel } from './TapeLabels';
import { CLICK_PX } from './TapeMotion';
import { clickOfKelvin, kelvinOfClick, WHITE_CLICKS } from './whiteScale';

const HEIGHT = 15;
const CLICKS = Array.from({ length: WHITE_CLICKS.max + 1 }, (_, click) => click);

/** How a light looks beside daylight, softened so that the strip does not outshine the picture. */
function colourOfLight(kelvin: number): string {
  const rgb = multiplyVec(XYZ_TO_SRGB, xyzFromChromaticity(whiteChromaticity({ kelvin, tint: 0 })));
  const top = Math.max(...rgb);
  const bytes = rgb.map((v) => Math.round(225 * encodeSrgb(Math.max(0.12, v / top))));
  return `rgb(${bytes.join(',')})`;
}

/** Each from its mark to the next one's. */
const NAMES: readonly TapeLabel[] = NAMED_LIGHTS.map(({ id, label, kelvin }, i) => ({
  key: id,
  text: label,
  colour: '#1c1b19',
  from: clickOfKelvin(kelvin) * CLICK_PX,
  to: clickOfKelvin(NAMED_LIGHTS[i + 1]?.kelvin ?? kelvinOfClick(WHITE_CLICKS.max)) * CLICK_PX,
}));

let colours: readonly string[] | null = null;

/** The colour of the light along the White tape, with the names of well-known lights. */
export const WhiteStrip = memo(function WhiteStrip() {
  colours ??= CLICKS.map((click) => colourOfLight(kelvinOfClick(click)));
  const shown = colours;
  return (
    <>
      <Svg
        width={(WHITE_CLICKS.max + 1) * CLICK_PX}
        height={HEIGHT}
        style={{ marginLeft: -CLICK_PX / 2 }}
      >
        {CLICKS.map((click) => (
          <Rect
            key={click}
            x={click * CLICK_PX}
            y={0}
            width={CLICK_PX + 0.5}
            height={HEIGHT}
            fill={shown[click]}
          />
        ))}
        {NAMED_LIGHTS.map(({ id, kelvin }) => {
          const x = (clickOfKelvin(kelvin) + 0.5) * CLICK_PX;
          return (
            <Line key={id} x1={x} x2={x} y1={0} y2={HEIGHT} stroke={COLOUR.ink} strokeWidth={1.5} />
          );
        })}
      </Svg>
      <TapeLabels labels={NAMES} />
    </>
  );
});
