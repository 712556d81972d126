import { StyleSheet, Text, View } from 'react-native';
import {
  AID_STRENGTHS,
  CAPTION_PARTS,
  FRAME_SHAPES,
  GRIDS,
  type CaptionPart,
} from '@velmo/core/aids';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { useStore } from '../../../state/store';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { fieldStore } from '../session/fieldState';
import { changeAids } from '../session/preferencesNow';
import { showLevel } from './levelStore';

const named = <T extends string>(values: readonly T[], what: string) =>
  values.map((value) => ({ value, label: value, name: `${what}: ${value}` }));

/** What is laid over the picture to compose by: grid, level, frame lines, caption. */
export function AidsPart() {
  const { grid, frame, level, caption, strength } = useStore(fieldStore, (s) => s.preferences.aids);
  const simulated = useStore(fieldStore, (s) => s.choice.device === 'simulated');
  const toggle = (part: CaptionPart): void =>
    changeAids({
      caption: CAPTION_PARTS.filter((one) => (one === part) !== caption.includes(one)),
    });
  return (
    <>
      <Choice
        label="Grid"
        options={named(['off', ...GRIDS] as const, 'Grid')}
        value={grid}
        onChoose={(value) => changeAids({ grid: value })}
      />
      <Choice
        label="Level"
        options={[
          { value: false, label: 'off', name: 'Level: off' },
          { value: true, label: 'shown', name: 'Level: shown' },
        ]}
        value={level}
        onChoose={showLevel}
      />
      {level && simulated && (
        <Text style={SHEET_TEXT.about}>
          Simulated: this camera leans to no side; it looks up and down as you drag the picture.
        </Text>
      )}
      <Choice
        label="Frame"
        options={named(['off', ...FRAME_SHAPES] as const, 'Frame')}
        value={frame}
        onChoose={(value) => changeAids({ frame: value })}
      />
      <View style={styles.row} role="group" aria-label="Caption">
        <Text style={[SHEET_TEXT.about, styles.label]}>Caption</Text>
        {CAPTION_PARTS.map((part) => (
          <Button
            key={part}
            label={part}
            name={`Caption: ${part}`}
            pressed={caption.includes(part)}
            onPress={() => toggle(part)}
          />
        ))}
      </View>
      <Choice
        label="Drawn"
        options={named(AID_STRENGTHS, 'Drawn')}
        value={strength}
        onChoose={(value) => changeAids({ strength: value })}
      />
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
  label: { minWidth: 44 },
});
