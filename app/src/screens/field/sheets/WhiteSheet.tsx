import { useEffect } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { namedLight, NAMED_LIGHTS, nominalKelvin } from '@velmo/core/colour';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { Tape } from '../../../instruments/tape/Tape';
import { TINT_CLICKS, TINT_SCALE } from '../../../instruments/tape/whiteScale';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { closeSheet, fieldStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { activate } from '../commands/activeTape';
import { useWhite } from '../tapes/WhiteTape';
import { holdWhite, neutralAt, releaseWhite, toggleWhiteLock } from '../commands/whiteCommands';
import { whiteWords } from '../words/neutralWords';

const neutralAtSpot = (): void => void neutralAt(fieldStore.get().settings.meter.spot);

/** White balance in full: lights by name, tint, a neutral reading, the lock. */
export function WhiteSheet() {
  const setting = useStore(fieldStore, (s) => s.settings.white);
  const white = useWhite();
  useEffect(() => activate('white'), []);
  const locked = setting.mode === 'auto' && setting.locked !== null;
  const hasTint = useStore(fieldStore, (s) => s.capabilities?.white?.tint ?? false);
  return (
    <Sheet
      title={`White · ${hasTint ? whiteWords(white) : `${nominalKelvin(white.kelvin)} K`}`}
      onClose={closeSheet}
      onNote={() => openNote(noteOfSheet('white'))}
    >
      <Choice
        label="Light"
        unlabelled
        options={[
          { value: 'auto', label: 'auto' },
          ...NAMED_LIGHTS.map(({ id, label }) => ({ value: id, label })),
        ]}
        value={setting.mode === 'auto' ? 'auto' : (namedLight(white)?.id ?? '')}
        onChoose={(id) => {
          const light = NAMED_LIGHTS.find((l) => l.id === id);
          if (light) holdWhite(light);
          else releaseWhite();
        }}
      />
      {hasTint && (
        <Tape
          scale={TINT_SCALE}
          range={TINT_CLICKS}
          click={Math.round(white.tint)}
          held={setting.mode === 'held'}
          step={1}
          releasable
          atEnd={false}
          tag=""
          onChange={(tint) => holdWhite({ kelvin: white.kelvin, tint })}
          onRelease={() => holdWhite({ kelvin: white.kelvin, tint: 0 })}
        />
      )}
      <View style={styles.row}>
        {hasTint && <Button label="Read neutral at the spot" onPress={neutralAtSpot} />}
        {setting.mode === 'auto' && (
          <Button
            label={locked ? 'Unlock' : 'Lock'}
            name={locked ? 'Unlock white balance' : 'Lock white balance'}
            pressed={locked}
            onPress={toggleWhiteLock}
          />
        )}
      </View>
      {!hasTint && (
        <Text style={styles.about}>
          The phone itself makes its picture white for this light: what the file holds changes with
          it. It takes a colour temperature and no tint.
        </Text>
      )}
      {hasTint && (
        <Text style={styles.about}>
          With White in hand, a tap on the picture says: this is neutral. Tint is the light’s own
          cast across the scale. White balance changes the picture and what the file says, never the
          raw values.
        </Text>
      )}
      {hasTint && (
        <Text style={styles.about}>
          Auto takes the picture’s brighter tones for grey (Shades of Grey): a picture full of one
          colour misleads it. It stays within 2500 to 10000 K.
        </Text>
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
