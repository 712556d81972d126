import type { ReactNode } from 'react';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import type { KitPart } from '@velmo/core/kits';
import type { Settings } from '@velmo/core/settings';
import { COLOUR, FONT, TARGET, typePx } from '../../../theme/theme';
import { KitStrokes } from './KitStrokes';

interface KitSlipProps {
  readonly name: string;
  readonly parts: readonly KitPart[];
  readonly settings: Settings;
  readonly about: readonly string[];
  readonly onApply: () => void;
  /** Beside its name. */
  readonly children?: ReactNode;
}

/** A slip of paper with a set-up on it; a tap applies it. */
export function KitSlip({ name, parts, settings, about, onApply, children }: KitSlipProps) {
  return (
    <View style={styles.slip}>
      <View style={styles.body}>
        <KitStrokes parts={parts} settings={settings} />
        <View style={styles.words}>
          <Text style={styles.name}>{name}</Text>
          {about.map((line) => (
            <Text key={line} style={styles.about}>
              {line}
            </Text>
          ))}
        </View>
        {/* Over the words, not around them: its name is short, they are read by themselves. */}
        <Pressable
          role="button"
          aria-label={`Kit: ${name}`}
          onPress={onApply}
          style={StyleSheet.absoluteFill}
        />
      </View>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  slip: {
    flexDirection: 'row',
    alignItems: 'center',
    backgroundColor: COLOUR.paper,
    borderRadius: 2,
    boxShadow: '0 1px 4px rgba(0,0,0,0.5)',
  },
  body: {
    flex: 1,
    minHeight: TARGET,
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    paddingHorizontal: 12,
    paddingVertical: 6,
  },
  words: { flex: 1, gap: 2 },
  name: {
    fontFamily: FONT.semibold,
    fontSize: typePx(17),
    lineHeight: typePx(21),
    color: COLOUR.ink,
  },
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(18),
    color: COLOUR.inkSoft,
  },
});
