import { StyleSheet, View } from 'react-native';
import type { Choice } from '../../../storage/rolls/decision';
import { COLOUR } from '../../../theme/theme';

/**
 * A paper notch at the edge of a picture: above when it is kept, below, in grey, when it is
 * dropped. What it says is in the picture's name.
 */
export function Notch({ choice }: { readonly choice: Choice | null }) {
  if (!choice) return null;
  return (
    <View
      aria-hidden
      testID={`notch-${choice}`}
      style={[styles.notch, choice === 'kept' ? styles.kept : styles.dropped]}
    />
  );
}

const styles = StyleSheet.create({
  // A dark edge, so that paper is seen on white.
  notch: {
    position: 'absolute',
    left: '50%',
    marginLeft: -18,
    width: 36,
    borderWidth: 2,
    borderColor: COLOUR.ink,
    pointerEvents: 'none',
  },
  kept: {
    top: 0,
    height: 12,
    borderTopWidth: 0,
    backgroundColor: COLOUR.paper,
    borderBottomLeftRadius: 2,
    borderBottomRightRadius: 2,
  },
  dropped: {
    bottom: 0,
    height: 12,
    borderBottomWidth: 0,
    backgroundColor: COLOUR.lightSoft,
    borderTopLeftRadius: 2,
    borderTopRightRadius: 2,
  },
});
