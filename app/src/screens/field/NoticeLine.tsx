import { useRouter } from 'expo-router';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useStore } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { UnsavedLine } from '../roll/arriving/UnsavedLine';
import { fieldStore } from './session/fieldState';

const dismiss = (): void => fieldStore.update((s) => ({ ...s, notice: null }));

/** As many as fit into the verdict's place: an answer covers no tape. */
const PASSING_LINES = 3;

/**
 * What went wrong and what to do, in the verdict's place; and frames that could not be stored, for
 * as long as there are any.
 */
export function NoticeLine({ inset, height }: { inset: number; height: number }) {
  const router = useRouter();
  const notice = useStore(fieldStore, (s) => s.notice);
  return (
    <View style={[styles.lines, { top: inset, left: inset, right: inset }]}>
      <UnsavedLine onLook={() => router.push('/frames')} />
      {notice && (
        <View
          style={[styles.line, notice.passing && [styles.passing, { minHeight: height }]]}
          role="alert"
        >
          <Text
            style={[styles.text, notice.passing && styles.passingText]}
            numberOfLines={notice.passing ? PASSING_LINES : undefined}
          >
            {notice.text}
          </Text>
          {notice.action ? (
            <Button label={notice.action.label} onPress={notice.action.run} />
          ) : (
            <Button label="Close" onPress={dismiss} />
          )}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  lines: {
    // Over verdict and tapes, so that nothing is pushed off the screen.
    position: 'absolute',
    zIndex: 2,
    gap: 6,
    pointerEvents: 'box-none',
  },
  line: {
    boxShadow: '0 2px 10px rgba(0,0,0,0.6)',
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    padding: 8,
    backgroundColor: COLOUR.panel,
    borderLeftWidth: 5,
    borderLeftColor: COLOUR.clipped,
    borderRadius: 6,
  },
  passing: {
    borderLeftColor: COLOUR.paper,
    paddingVertical: 1,
  },
  passingText: { fontSize: typePx(15), lineHeight: typePx(15) },
  text: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
});
