import { StyleSheet, Text, View } from 'react-native';
import { SCENES } from '@velmo/core/scene';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import { Sheet } from '../../instruments/Sheet';
import { useStore } from '../../state/store';
import { COLOUR, FONT } from '../../theme/theme';
import { hasten, openCamera } from './fieldSession';
import { closeSheet, fieldStore } from './fieldState';

/** Speeds of scene time that are offered. */
const HASTES = [1, 10, 60] as const;

/** Which camera, and where it stands. */
export function CameraSheet() {
  const choice = useStore(fieldStore, (s) => s.choice);
  const haste = useStore(fieldStore, (s) => s.haste);
  const simulated = choice.device === 'simulated';
  return (
    <Sheet title="Camera and place" onClose={closeSheet}>
      <View style={styles.places}>
        {SCENES.map((scene) => (
          <View key={scene.id} style={styles.place}>
            <Button
              label={scene.name}
              name={`${scene.name}, simulated`}
              pressed={choice.device === 'simulated' && choice.scene === scene.id}
              onPress={() => {
                void openCamera({ device: 'simulated', scene: scene.id });
                closeSheet();
              }}
            />
            <Text style={styles.about}>{scene.description}</Text>
          </View>
        ))}
        <View style={styles.place}>
          <Button
            label="This device’s camera"
            name="This device’s camera: video frames, not sensor data"
            pressed={choice.device === 'browser'}
            onPress={() => {
              void openCamera({ device: 'browser' });
              closeSheet();
            }}
          />
          <Text style={styles.about}>Its video frames, as the browser gives them.</Text>
        </View>
      </View>
      {simulated && (
        <Choice
          label="Scene time runs"
          options={HASTES.map((factor) => ({ value: factor, label: `${factor}×` }))}
          value={haste}
          onChoose={hasten}
        />
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  places: { gap: 8 },
  place: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  about: {
    flex: 1,
    fontFamily: FONT.regular,
    fontSize: 15,
    lineHeight: 18,
    color: COLOUR.lightSoft,
  },
});
