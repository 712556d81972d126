import { StyleSheet, Text } from 'react-native';
import { FONT } from '../../theme/theme';
import type { Stretch } from './placeLabel';

/** A name on a stretch of a tape. */
export interface TapeLabel extends Stretch {
  readonly key: string;
  readonly text: string;
  readonly colour: string;
}

/**
 * Names printed on a tape's foot. Where each stands is found as the tape moves: see LabelPlaces.
 */
export function TapeLabels({ labels }: { labels: readonly TapeLabel[] }) {
  return labels.map(({ key, text, colour, from, to }) => (
    <Text
      key={key}
      style={[styles.label, { color: colour }]}
      numberOfLines={1}
      aria-hidden
      // Typed for native screens, which know no data attributes.
      {...({ dataSet: { from, to } } as object)}
    >
      {text}
    </Text>
  ));
}

const styles = StyleSheet.create({
  label: {
    position: 'absolute',
    left: 0,
    top: 0,
    opacity: 0,
    fontFamily: FONT.medium,
    fontSize: 12,
    lineHeight: 15,
  },
});
