import { StyleSheet, Text, View } from 'react-native';
import { KIT_PARTS, type KitPart } from '@velmo/core/kits';
import { Button } from '../../../instruments/Button';
import { COLOUR, FONT, typePx } from '../../../theme/theme';

interface KitPartsProps {
  readonly parts: readonly KitPart[];
  readonly onChange: (parts: readonly KitPart[]) => void;
}

/** Which parts of what is set a kit holds: at least one. */
export function KitParts({ parts, onChange }: KitPartsProps) {
  const toggle = (part: KitPart): void => {
    const next = KIT_PARTS.filter((one) => (one === part) !== parts.includes(one));
    if (next.length > 0) onChange(next);
  };
  return (
    <View style={styles.parts} role="group" aria-label="It holds">
      <Text style={styles.label}>It holds</Text>
      {KIT_PARTS.map((part) => (
        <Button
          key={part}
          label={part}
          pressed={parts.includes(part)}
          onPress={() => toggle(part)}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  parts: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
  label: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft },
});
