import { StyleSheet, Text, View } from 'react-native';
import { ASPECT_RATIOS } from '@velmo/core/optics';
import type { FileKind } from '@velmo/core/settings';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { TypedText } from '../../../instruments/TypedText';
import {
  DEFAULT_NAMING,
  MAX_PATTERN,
  NAME_PARTS,
  stemOf,
  unknownParts,
} from '../../../storage/fileNames';
import { useRoom } from '../../../storage/frames/frameQueries';
import { currentRollStore } from '../../../storage/rolls/currentRoll';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { session } from '../session/fieldSession';
import { closeSheet, fieldStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import {
  FILE_WORDS,
  framesLeft,
  framesLeftText,
  isOwnPhoto,
  writtenKind,
} from '../words/fileWords';
import { changeNaming } from '../session/preferencesNow';
import { PlacePart } from './PlacePart';
import { RollChoice } from './RollChoice';
import { StatePart } from './StatePart';

/** Numbers of frames offered; a link may ask for any from 4 to 64. */
const AVERAGES = [1, 4, 8, 16, 32, 64];
const QUALITIES = [70, 85, 92, 97, 100];

const ABOUT: Readonly<Record<FileKind, string>> = {
  dng: 'Everything the sensor gave, for a raw developer.',
  'dng+jpeg': 'The raw, and beside it a finished picture for a quick look.',
  jpeg: 'A finished picture of 8 bits. The raw is not kept.',
  tiff: 'A finished picture of 16 bits, large and opened everywhere. The raw is not kept.',
  png: 'A finished picture of 16 bits, packed without loss; takes longest. The raw is not kept.',
};

/** What a file holds: less where the camera gives no sensor data. */
function aboutWords(kind: FileKind, readsRaw: boolean, ownPhoto: boolean): string {
  if (readsRaw) return ABOUT[kind];
  if (kind !== 'jpeg')
    return 'A linear DNG of video frames with their curve taken out, and the picture as shown. No browser gives sensor data.';
  return ownPhoto
    ? 'The phone’s own photograph in its full size, exactly as the phone makes it.'
    : 'A finished picture of 8 bits from a video frame.';
}

/** What a frame is written as, in which shape and size, and under which name. */
export function FilesSheet() {
  const settings = useStore(fieldStore, (s) => s.settings);
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const isHere = useStore(fieldStore, (s) => s.choice.device === 'browser');
  const { data: room } = useRoom();
  if (!capabilities) return null;
  const kind = writtenKind(settings, capabilities);
  const ownPhoto = isOwnPhoto(settings, capabilities);
  const { sizesMp, fileKinds, hasAspect } = capabilities;
  return (
    <Sheet
      title={`Files · ${framesLeftText(framesLeft(settings, capabilities, room ?? null))}`}
      onClose={closeSheet}
      onNote={() => openNote(noteOfSheet('files'))}
    >
      <StatePart />
      <Choice
        label="File"
        unlabelled
        options={fileKinds.map((value) => ({ value, label: FILE_WORDS[value] }))}
        value={kind}
        onChoose={(files) => session.changeSettings((s) => ({ ...s, files }))}
      />
      <Text style={styles.about}>{aboutWords(kind, capabilities.readsRaw, ownPhoto)}</Text>
      {(kind === 'jpeg' || kind === 'dng+jpeg') && !ownPhoto && (
        <Choice
          label="JPEG quality"
          options={QUALITIES.map((value) => ({ value, label: `${value}` }))}
          value={settings.jpegQuality}
          onChoose={(jpegQuality) => session.changeSettings((s) => ({ ...s, jpegQuality }))}
        />
      )}
      {capabilities.averages && (
        <Choice
          label="Frames averaged"
          options={AVERAGES.map((value) => ({
            value,
            label: value === 1 ? 'one' : `${value}`,
            name: value === 1 ? 'One frame, no average' : `Average of ${value} frames`,
          }))}
          value={settings.average}
          onChoose={(average) => session.changeSettings((s) => ({ ...s, average }))}
        />
      )}
      {capabilities.averages && settings.average > 1 && (
        <Text style={styles.about}>
          {`Noise falls by up to ${Math.sqrt(settings.average).toFixed(1)} times; what moves is left out. Hold still until the bar is full; press again to stop early.`}
        </Text>
      )}
      {sizesMp.length > 0 && (
        <Choice
          label="Size"
          options={sizesMp.map((mp) => ({ value: mp, label: `${mp} MP` }))}
          value={settings.sizeMp}
          onChoose={(mp) => session.changeSettings((s) => ({ ...s, sizeMp: mp }))}
        />
      )}
      {hasAspect && (
        <Choice
          label="Shape"
          options={ASPECT_RATIOS.map((value) => ({ value, label: value }))}
          value={settings.aspect}
          onChoose={(aspect) => session.changeSettings((s) => ({ ...s, aspect }))}
        />
      )}
      {hasAspect && settings.aspect !== '4:3' && kind.startsWith('dng') && (
        <Text style={styles.about}>
          The DNG keeps the whole sensor: the shape is a crop that can be undone.
        </Text>
      )}
      {isHere && <PlacePart />}
      <RollChoice />
      <Names />
    </Sheet>
  );
}

/** A frame as it would be called now. */
const SAMPLE_FACTS = { offsetMinutes: 0, place: 'pans-at-noon', time: '1-500s', iso: '100' };

function Names() {
  const names = useStore(fieldStore, (s) => s.preferences.naming);
  const roll = useStore(currentRollStore, ({ name }) => name);
  const naming = { ...names, roll };
  const unknown = unknownParts(naming.pattern);
  const preview = stemOf(naming, { ...SAMPLE_FACTS, epochMs: PREVIEW_EPOCH_MS });
  return (
    <View style={styles.names}>
      <Field
        label="Names"
        value={naming.pattern}
        most={MAX_PATTERN}
        onChange={(pattern) => changeNaming({ pattern })}
      />
      <Text style={styles.about} testID="name-preview">
        {preview}.dng
      </Text>
      {unknown.length > 0 && (
        <Text style={styles.about} role="alert">
          {`{${unknown.join('}, {')}} stands for nothing here and is kept as a word.`}
        </Text>
      )}
      <Text style={styles.about}>
        {`Parts: ${NAME_PARTS.map((part) => `{${part}}`).join(' ')}. What no file system takes becomes a dash; a name that is taken gets -2.`}
      </Text>
      {naming.pattern !== DEFAULT_NAMING.pattern && (
        <Button
          label="Usual names"
          onPress={() => changeNaming({ pattern: DEFAULT_NAMING.pattern })}
        />
      )}
    </View>
  );
}

/** The preview shows a date; which one does not matter, and a render may not ask the clock. */
const PREVIEW_EPOCH_MS = Date.UTC(2026, 10, 24, 12, 5, 30, 250);

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly onChange: (text: string) => void;
}

function Field({ label, value, most, onChange }: FieldProps) {
  return (
    <View style={styles.field}>
      <Text style={styles.label}>{label}</Text>
      <TypedText
        label={label}
        value={value}
        maxLength={most}
        onChangeText={onChange}
        autoCapitalize="none"
      />
    </View>
  );
}

const styles = StyleSheet.create({
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  names: { gap: 8 },
  field: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  label: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft, minWidth: 52 },
});
