import { StyleSheet, Text, View } from 'react-native';
import { canVibrate } from '../../../engine/haptics';
import { Choice } from '../../../instruments/Choice';
import { useStore } from '../../../state/store';
import { plateOf, PLATES } from '../../../theme/plates';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { fieldStore } from '../session/fieldState';
import { changePreferences, changeScreen } from '../session/preferencesNow';

const yesNo = (what: string, yes: string, no: string) => [
  { value: false, label: no, name: `${what}: ${no}` },
  { value: true, label: yes, name: `${what}: ${yes}` },
];

/** The screen for the light and the hand it is looked at in, and what is heard and felt. */
export function ScreenPart() {
  const { plate, type, awake, hand, shutterSound, haptics } = useStore(
    fieldStore,
    (s) => s.preferences.screen,
  );
  const delaySound = useStore(fieldStore, (s) => s.preferences.delaySound);
  return (
    <View style={styles.part}>
      <Text style={SHEET_TEXT.head} role="heading">
        The screen
      </Text>
      <Choice
        label="Plate"
        options={PLATES.map(({ id }) => ({ value: id, label: id, name: `Plate: ${id}` }))}
        value={plate}
        onChoose={(value) => changeScreen({ plate: value })}
      />
      <Text style={SHEET_TEXT.about}>{plateOf(plate).about}</Text>
      <Choice
        label="Type"
        options={[
          { value: 'usual', label: 'usual', name: 'Type: usual' },
          { value: 'large', label: 'larger', name: 'Type: larger' },
        ]}
        value={type}
        onChoose={(value) => changeScreen({ type: value as typeof type })}
      />
      <Choice
        label="Hand"
        options={[
          { value: 'right', label: 'right', name: 'Hand: right' },
          { value: 'left', label: 'left', name: 'Hand: left' },
        ]}
        value={hand}
        onChoose={(value) => changeScreen({ hand: value as typeof hand })}
      />
      <Choice
        label="Awake"
        options={yesNo('Awake', 'while Velmo is open', 'while exposing')}
        value={awake}
        onChoose={(value) => changeScreen({ awake: value })}
      />
      {!('wakeLock' in navigator) && (
        <Text style={SHEET_TEXT.about}>
          This browser lets no page keep the screen awake: the phone’s own settings do.
        </Text>
      )}
      <Choice
        label="Shutter"
        options={yesNo('Shutter', 'heard', 'silent')}
        value={shutterSound}
        onChoose={(value) => changeScreen({ shutterSound: value })}
      />
      <Choice
        label="Delay’s end"
        options={yesNo('Delay’s end', 'heard', 'silent')}
        value={delaySound}
        onChoose={(value) => changePreferences({ delaySound: value })}
      />
      {canVibrate() ? (
        <Choice
          label="Detents"
          options={yesNo('Detents', 'felt', 'not felt')}
          value={haptics}
          onChoose={(value) => changeScreen({ haptics: value })}
        />
      ) : (
        <Text style={SHEET_TEXT.about}>
          This browser lets no page move the phone: nothing is felt.
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ part: { gap: 8 } });
