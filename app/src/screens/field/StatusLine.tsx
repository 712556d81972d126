import { Pressable, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useStore } from '../../state/store';
import { COLOUR, FONT } from '../../theme/theme';
import { changeSettings } from './fieldSession';
import { fieldStore, readingsStore } from './fieldState';
import { evText } from './readingsText';

/** Camera and place, lens, support, light: what the picture is taken with. */
export function StatusLine({ onChooseCamera }: { onChooseCamera: () => void }) {
  const label = useStore(fieldStore, (s) => s.capabilities?.label ?? 'Camera');
  const simulated = useStore(fieldStore, (s) => s.choice.device === 'simulated');
  const ev = useStore(readingsStore, (r) => evText(r?.ev100 ?? null));
  return (
    <View style={styles.line}>
      <Pressable role="button" onPress={onChooseCamera} style={styles.camera}>
        <Text style={styles.label} numberOfLines={1}>
          {label}
        </Text>
        <Text style={styles.kind} numberOfLines={1}>
          {[simulated ? 'simulated' : 'video frames of this device', ev]
            .filter(Boolean)
            .join(' · ')}
          {' ▾'}
        </Text>
      </Pressable>
      <LensButton />
      <SupportButton />
    </View>
  );
}

function LensButton() {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const id = useStore(fieldStore, (s) => s.settings.lens);
  const lenses = capabilities?.lenses ?? [];
  const index = lenses.findIndex((l) => l.id === id);
  if (index < 0) return null;
  const next = lenses[(index + 1) % lenses.length];
  return (
    <Button
      quiet
      label={lenses[index].label}
      name={`Lens ${lenses[index].label}. Change to ${next.label}`}
      onPress={() => changeSettings((s) => ({ ...s, lens: next.id }))}
    />
  );
}

function SupportButton() {
  const known = useStore(fieldStore, (s) => s.capabilities?.knowsSupport ?? false);
  const support = useStore(fieldStore, (s) => s.settings.support);
  if (!known) return null;
  const tripod = support === 'tripod';
  return (
    <Button
      quiet
      label={tripod ? 'tripod' : 'hand-held'}
      name={tripod ? 'On a tripod. Change to hand-held' : 'Hand-held. Change to tripod'}
      onPress={() => changeSettings((s) => ({ ...s, support: tripod ? 'hand' : 'tripod' }))}
    />
  );
}

const styles = StyleSheet.create({
  line: {
    alignSelf: 'stretch',
    height: 44,
    flexDirection: 'row',
    alignItems: 'center',
    paddingHorizontal: 4,
  },
  camera: { flex: 1, minHeight: 44, justifyContent: 'center', paddingHorizontal: 10 },
  label: { fontFamily: FONT.medium, fontSize: 16, lineHeight: 19, color: COLOUR.light },
  kind: {
    fontVariant: ['tabular-nums'],
    fontFamily: FONT.regular,
    fontSize: 13,
    lineHeight: 15,
    color: COLOUR.lightSoft,
  },
});
