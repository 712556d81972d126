import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { MIME_TYPES, saveToComputer } from '../../rolls/save';
import { useStore } from '../../state/store';
import { COLOUR, FONT } from '../../theme/theme';
import { fieldStore } from './fieldState';

const dismiss = (): void => fieldStore.update((s) => ({ ...s, notice: null }));

/** What went wrong and what to do; offers files that could not be stored as a download. */
export function NoticeLine() {
  const notice = useStore(fieldStore, (s) => s.notice);
  if (!notice) return null;
  const save = (): void => {
    for (const file of notice.rescue ?? [])
      saveToComputer(file.name, file.parts, MIME_TYPES[file.kind]);
    dismiss();
  };
  return (
    <View style={[styles.line, notice.passing && styles.passing]} role="alert">
      <Text style={styles.text}>{notice.text}</Text>
      {notice.rescue ? (
        <Button label="Save the frame" onPress={save} />
      ) : (
        <Button label="Close" onPress={dismiss} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    // Over verdict and tapes, so that nothing is pushed off the screen.
    position: 'absolute',
    zIndex: 2,
    left: 6,
    right: 6,
    top: 6,
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
  passing: { borderLeftColor: COLOUR.paper },
  text: { flex: 1, fontFamily: FONT.medium, fontSize: 16, lineHeight: 21, color: COLOUR.light },
});
