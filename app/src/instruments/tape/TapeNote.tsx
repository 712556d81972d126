import { StyleSheet, Text, View } from 'react-native';
import { COLOUR, FONT, TARGET, typePx } from '../../theme/theme';
import { TapeCap, type TapeCapProps } from './TapeCap';

interface TapeNoteProps {
  readonly name: string;
  readonly value: string;
  /** Why it cannot be moved. */
  readonly text: string;
  readonly height: number;
  readonly cap?: TapeCapProps;
}

/** A tape's place where there is nothing to move: what it stands at, and why. */
export function TapeNote({ name, value, text, height, cap }: TapeNoteProps) {
  return (
    <View style={[styles.tape, { height }]} role="group" aria-label={`${name}: ${value}, ${text}`}>
      <View style={styles.readout}>
        <Text style={styles.name}>{name}</Text>
        <Text style={styles.value} numberOfLines={1}>
          {value}
        </Text>
      </View>
      <Text style={[styles.text, cap && styles.besideCap]} numberOfLines={2}>
        {text}
      </Text>
      {cap && <TapeCap {...cap} paper={false} />}
    </View>
  );
}

const styles = StyleSheet.create({
  tape: {
    minHeight: TARGET,
    borderRadius: 6,
    overflow: 'hidden',
    backgroundColor: COLOUR.panel,
    flexDirection: 'row',
    alignItems: 'center',
  },
  readout: { width: 104, paddingLeft: 12, justifyContent: 'center' },
  name: { fontFamily: FONT.medium, fontSize: typePx(13), color: COLOUR.lightSoft },
  value: {
    fontFamily: FONT.semibold,
    fontSize: typePx(21),
    lineHeight: typePx(24),
    color: COLOUR.light,
  },
  text: {
    flex: 1,
    paddingRight: 8,
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(18),
    color: COLOUR.lightSoft,
  },
  besideCap: { paddingRight: 76 },
});
