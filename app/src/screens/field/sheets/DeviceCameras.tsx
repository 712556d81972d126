import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import type { BrowserChoice, CameraEntry } from '../../../storage/kept/cameraChoice';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { session } from '../session/fieldSession';
import { closeSheet, fieldStore } from '../session/fieldState';
import { useCameras } from '../session/useCameras';

/** Which way a camera looks, as far as its name tells. */
function facingWords({ label }: CameraEntry): string {
  if (/back|rear|environment/i.test(label)) return 'Looks away from you.';
  if (/front|user|facetime/i.test(label)) return 'Looks at you.';
  return 'Its video frames, as the browser gives them.';
}

function open(choice: BrowserChoice): void {
  // What is pressed here says what is about to happen: the browser may ask at once.
  void session.openCamera(choice, true);
  closeSheet();
}

/**
 * The cameras of this device, each by its name once one has been allowed, and the size of their
 * frames.
 */
export function DeviceCameras() {
  const cameras = useCameras();
  const choice = useStore(fieldStore, (s) => s.choice);
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const named = cameras.filter((camera) => camera.label !== '');
  const chosen = choice.device === 'browser' ? choice : null;
  return (
    <>
      {named.length === 0 && (
        <Place
          label="This device’s camera"
          name="This device’s camera: video frames, not sensor data"
          pressed={chosen !== null}
          about="Its video frames, as the browser gives them. The browser will ask; pictures stay on this device."
          onPress={() => open({ device: 'browser' })}
        />
      )}
      {named.map((camera) => (
        <Place
          key={camera.id}
          label={camera.label}
          name={`${camera.label}: video frames, not sensor data`}
          pressed={chosen !== null && capabilities?.label === camera.label}
          about={facingWords(camera)}
          onPress={() => open({ device: 'browser', camera })}
        />
      ))}
      {chosen && capabilities && capabilities.frameSizes.length > 1 && (
        <Choice
          label="Video frames"
          options={capabilities.frameSizes.map(({ width, height }) => ({
            value: `${width}x${height}`,
            label: `${width} × ${height}`,
          }))}
          value={sizeNow(capabilities.frameSize)}
          onChoose={(text) => {
            const [width, height] = text.split('x').map(Number);
            open({ ...chosen, size: { width, height } });
          }}
        />
      )}
    </>
  );
}

/** A phone held upright gives the same frames turned. */
const sizeNow = (size: { width: number; height: number } | null): string =>
  size ? `${Math.max(size.width, size.height)}x${Math.min(size.width, size.height)}` : '';

interface PlaceProps {
  readonly label: string;
  readonly name: string;
  readonly pressed: boolean;
  readonly about: string;
  readonly onPress: () => void;
}

/** A camera or a place to look at, and a line on it. */
export function Place({ about, ...button }: PlaceProps) {
  return (
    <View style={styles.place}>
      <Button {...button} />
      <Text style={styles.about}>{about}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  place: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  about: {
    flex: 1,
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(18),
    color: COLOUR.lightSoft,
  },
});
