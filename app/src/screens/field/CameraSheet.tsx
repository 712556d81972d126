import { StyleSheet, Text, View } from 'react-native';
import { SCENES } from '@velmo/core/scene';
import { Button } from '../../instruments/Button';
import { useStore } from '../../state/store';
import { COLOUR, FONT } from '../../theme/theme';
import { changeSettings, openCamera, releaseAll } from './fieldSession';
import { fieldStore } from './fieldState';

/** Camera, size and marks; slides over the tapes, never over the Window. */
export function CameraSheet({ onClose }: { onClose: () => void }) {
  const choice = useStore(fieldStore, (s) => s.choice);
  const sizes = useStore(fieldStore, (s) => s.capabilities?.sizesMp);
  const sizeMp = useStore(fieldStore, (s) => s.settings.sizeMp);
  const marks = useStore(fieldStore, (s) => s.marks);
  return (
    <View style={styles.sheet} role="region" aria-label="Camera and files">
      <View style={styles.row}>
        {SCENES.map((scene) => (
          <Button
            key={scene.id}
            label={scene.name}
            name={`${scene.name}, simulated`}
            pressed={choice.device === 'simulated' && choice.scene === scene.id}
            onPress={() => {
              void openCamera({ device: 'simulated', scene: scene.id });
              onClose();
            }}
          />
        ))}
        <Button
          label="This device’s camera"
          pressed={choice.device === 'browser'}
          onPress={() => {
            void openCamera({ device: 'browser' });
            onClose();
          }}
        />
      </View>
      <Text style={styles.note}>
        The salt works are simulated: light, lens and sensor are computed, for practice. This
        device’s camera gives processed video frames, not sensor data.
      </Text>
      <View style={styles.row}>
        {sizes?.map((mp) => (
          <Button
            key={mp}
            label={`${mp} MP`}
            pressed={sizeMp === mp}
            onPress={() => changeSettings((s) => ({ ...s, sizeMp: mp }))}
          />
        ))}
        <Button
          label="Clip marks"
          pressed={marks}
          onPress={() => fieldStore.update((s) => ({ ...s, marks: !s.marks }))}
        />
        <Button
          label="All to auto"
          onPress={() => {
            releaseAll();
            onClose();
          }}
        />
        <Button label="Close" onPress={onClose} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: { gap: 10, padding: 12, backgroundColor: COLOUR.panel, borderRadius: 6 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  note: { fontFamily: FONT.regular, fontSize: 15, lineHeight: 20, color: COLOUR.lightSoft },
});
