import { useEffect, useRef, type ReactNode } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { COLOUR, FONT, typePx } from '../theme/theme';
import { Button } from './Button';

interface SheetProps {
  readonly title: string;
  /** Left out: the sheet is always there. */
  readonly onClose?: () => void;
  /** Opens the note that explains it. */
  readonly onNote?: () => void;
  readonly children: ReactNode;
}

/** Lies over verdict and tapes, never over the Window or Expose. */
export function Sheet({ title, onClose, onNote, children }: SheetProps) {
  const sheet = useRef<View>(null);
  const closes = onClose !== undefined;
  useEffect(() => {
    if (!closes) return;
    // What was pressed to open it may be under it now: keys go on from here, and back when it
    // closes.
    const before = document.activeElement;
    (sheet.current as unknown as HTMLElement).focus({ preventScroll: true });
    return () => {
      if (before instanceof HTMLElement && before.isConnected)
        before.focus({ preventScroll: true });
    };
  }, [closes]);
  return (
    <View
      ref={sheet}
      style={styles.sheet}
      role="region"
      aria-label={title}
      tabIndex={closes ? -1 : undefined}
    >
      <View style={styles.head}>
        <Text style={styles.title} role="heading">
          {title}
        </Text>
        <View style={styles.buttons}>
          {onNote && <Button quiet label="?" name="? Note that explains this" onPress={onNote} />}
          {onClose && <Button label="Close" onPress={onClose} />}
        </View>
      </View>
      <ScrollView contentContainerStyle={styles.content} tabIndex={0}>
        {children}
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 0,
    backgroundColor: COLOUR.panel,
    borderRadius: 6,
  },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    padding: 2,
    paddingLeft: 12,
    borderBottomWidth: 1,
    borderBottomColor: COLOUR.line,
    minHeight: 44,
  },
  title: { flexShrink: 1, fontFamily: FONT.semibold, fontSize: typePx(17), color: COLOUR.light },
  buttons: { flexDirection: 'row', gap: 4 },
  content: { gap: 8, padding: 10 },
});
