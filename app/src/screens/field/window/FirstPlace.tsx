import { StyleSheet, Text, View } from 'react-native';
import { findScene } from '@velmo/core/scene';
import { useNewestFrames } from '../../../storage/frames/frameQueries';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { drillStore } from '../session/drilling';
import { fieldStore } from '../session/fieldState';

interface FirstPlaceProps {
  /** The part of the picture's foot that the ladder leaves free. */
  readonly left: number;
  readonly width: number;
}

/** What the simulated place is there for: one line, until the first frame is made. */
export function FirstPlace({ left, width }: FirstPlaceProps) {
  const none = useNewestFrames().data?.total === 0;
  const words = useStore(fieldStore, ({ choice, phase }) =>
    phase === 'ready' && choice.device === 'simulated' ? findScene(choice.scene)?.description : '',
  );
  const drills = useStore(drillStore, (drill) => drill !== null);
  if (!none || !words || drills) return null;
  return (
    <View style={[styles.line, { left, maxWidth: width }]} testID="first-place">
      <Text style={styles.words}>{words}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    position: 'absolute',
    bottom: 0,
    paddingHorizontal: 8,
    paddingVertical: 4,
    backgroundColor: 'rgba(22,22,22,0.7)',
    pointerEvents: 'none',
  },
  words: {
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(18),
    color: COLOUR.light,
  },
});
