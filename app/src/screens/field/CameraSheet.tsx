import { ScrollView, StyleSheet, View } from 'react-native';
import { SCENES } from '@velmo/core/scene';
import { Button } from '../../instruments/Button';
import { useStore } from '../../state/store';
import { COLOUR } from '../../theme/theme';
import { changeSettings, openCamera, releaseAll } from './fieldSession';
import { fieldStore } from './fieldState';

/** Camera, size and marks; lies over verdict and tapes, never over the Window or Expose. */
export function CameraSheet({ onClose }: { onClose: () => void }) {
  const choice = useStore(fieldStore, (s) => s.choice);
  const sizes = useStore(fieldStore, (s) => s.capabilities?.sizesMp);
  const sizeMp = useStore(fieldStore, (s) => s.settings.sizeMp);
  const marks = useStore(fieldStore, (s) => s.marks);
  return (
    <ScrollView
      style={styles.sheet}
      contentContainerStyle={styles.content}
      role="region"
      aria-label="Camera and files"
    >
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
          name="This device’s camera: video frames, not sensor data"
          pressed={choice.device === 'browser'}
          onPress={() => {
            void openCamera({ device: 'browser' });
            onClose();
          }}
        />
      </View>
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
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  sheet: { flexGrow: 0, flexShrink: 1, backgroundColor: COLOUR.panel, borderRadius: 6 },
  content: { gap: 8, padding: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
