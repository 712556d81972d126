import { useRouter } from 'expo-router';
import { StyleSheet, Text, View } from 'react-native';
import { SCENES } from '@velmo/core/scene';
import { hasVectors } from '@velmo/core/wasm';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { useStore } from '../../../state/store';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { DeviceCameras, Place } from './DeviceCameras';
import { session } from '../session/fieldSession';
import { closeSheet, fieldStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { changePreferences } from '../session/preferencesNow';

/** Speeds of scene time that are offered. */
const HASTES = [1, 10, 60] as const;

const AHEAD = [
  { value: 'fitting', label: 'where it fits' },
  { value: 'always', label: 'always' },
  { value: 'never', label: 'never' },
] as const;

/** Which camera, and where it stands. */
export function CameraSheet() {
  const choice = useStore(fieldStore, (s) => s.choice);
  const haste = useStore(fieldStore, (s) => s.haste);
  const ahead = useStore(fieldStore, (s) => s.preferences.lightAhead);
  const simulated = choice.device === 'simulated';
  const router = useRouter();
  return (
    <Sheet
      title="Camera and place"
      onClose={closeSheet}
      onNote={() => openNote(noteOfSheet('camera'))}
    >
      <View style={styles.places}>
        <Text style={styles.head}>Of this device</Text>
        <DeviceCameras />
        <Text style={styles.head}>Simulated, at the salt works</Text>
        {!hasVectors() && (
          <Text style={SHEET_TEXT.about}>
            This browser computes without vectors (WebAssembly): the simulated pictures are the
            same, but each takes many times as long.
          </Text>
        )}
        <Button label="Drills ..." onPress={() => router.push('/drills')} />
        {SCENES.map((scene) => (
          <Place
            key={scene.id}
            label={scene.name}
            name={`${scene.name}, simulated`}
            pressed={choice.device === 'simulated' && choice.scene === scene.id}
            about={scene.description}
            onPress={() => {
              void session.openCamera({ device: 'simulated', scene: scene.id });
              closeSheet();
            }}
          />
        ))}
      </View>
      {simulated && (
        <Choice
          label="Scene time runs"
          options={HASTES.map((factor) => ({ value: factor, label: `${factor}×` }))}
          value={haste}
          onChoose={session.hasten}
        />
      )}
      {simulated && (
        <View style={styles.places}>
          <Choice
            label="Light ahead"
            options={AHEAD}
            value={ahead}
            onChoose={(lightAhead) => changePreferences({ lightAhead })}
          />
          <Text style={SHEET_TEXT.about}>
            Computed while you hold still: a frame is there sooner, the battery empty sooner.
          </Text>
        </View>
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  places: { gap: 8 },
  head: { fontFamily: FONT.semibold, fontSize: typePx(15), color: COLOUR.light },
});
