import { useCallback, useRef } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { CAPTION_PARTS, type CaptionPart } from '@velmo/core/aids';
import { nominalKelvin } from '@velmo/core/colour';
import { formatSignedThirds, nominalIso, nominalTime } from '@velmo/core/exposure';
import { distanceOf, findLens, formatDistance } from '@velmo/core/optics';
import type { Readings } from '../../../camera/device/readings';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { fieldStore, readingsStore } from '../session/fieldState';
import { useLiveWords } from '../words/liveWords';
import { evText } from '../words/readingsText';
import { levelStore } from './levelStore';
import { levelWords } from './levelWords';

/** What each part says of the latest readings; '' where it is not known. */
const PARTS: Readonly<Record<CaptionPart, (readings: Readings) => string>> = {
  exposure: ({ timeClick, isoClick }) => {
    const { compClicks } = fieldStore.get().settings;
    return [
      timeClick === null ? '' : `${nominalTime(timeClick)} s`,
      isoClick === null ? '' : `ISO ${nominalIso(isoClick)}`,
      compClicks === 0 ? '' : formatSignedThirds(compClicks),
    ]
      .filter(Boolean)
      .join(' ');
  },
  light: ({ ev100 }) => evText(ev100),
  focus: ({ focus }) =>
    focus
      ? formatDistance(distanceOf(focus.dioptres), fieldStore.get().preferences.focusing.unit)
      : '',
  white: ({ white }) => (white ? `${nominalKelvin(white.kelvin)} K` : ''),
  lens: () => {
    const { lens, crop } = fieldStore.get().settings;
    const focal = findLens(lens)?.focalLength35Mm;
    return focal && fieldStore.get().capabilities?.hasRig ? `${Math.round(focal * crop)} mm` : '';
  },
  tilt: () => levelWords(levelStore.get()),
};

/** The parts that are wanted of the caption, as they are now. */
export const captionWords = (parts: readonly CaptionPart[], readings: Readings | null): string =>
  readings === null
    ? ''
    : CAPTION_PARTS.filter((part) => parts.includes(part))
        .map((part) => PARTS[part](readings))
        .filter(Boolean)
        .join(' · ');

interface CaptionProps {
  readonly parts: readonly CaptionPart[];
  readonly left: number;
  readonly width: number;
}

/** Chosen readings at the picture's foot, kept up to date without a render. */
export function Caption({ parts, left, width }: CaptionProps) {
  const text = useRef<Text>(null);
  const words = useCallback((readings: Readings | null) => captionWords(parts, readings), [parts]);
  useLiveWords(text, readingsStore, words);
  return (
    <View style={[styles.caption, { left, maxWidth: width }]} testID="caption">
      <Text ref={text} style={styles.words} />
    </View>
  );
}

const styles = StyleSheet.create({
  caption: {
    position: 'absolute',
    bottom: 0,
    paddingHorizontal: 8,
    paddingVertical: 2,
    backgroundColor: 'rgba(22,22,22,0.7)',
    pointerEvents: 'none',
  },
  words: {
    fontFamily: FONT.medium,
    fontSize: typePx(14),
    lineHeight: typePx(18),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
