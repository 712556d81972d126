import { useMemo, useRef } from 'react';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { circleRadius, SPOT_SHARE } from '@velmo/core/exposure';
import { PinChip } from '../../../instruments/window/PinChip';
import type { Readings } from '../../../camera/device/readings';
import { useLiveWords } from '../words/liveWords';
import { aspectBox } from '@velmo/core/optics';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { fieldStore, readingsStore, type Pin } from '../session/fieldState';
import { inPicture } from './pinPlaces';
import { takePinOut } from '../commands/pins';
import { pinText } from '../words/readingsText';
import { FieldAids } from '../aids/FieldAids';
import { FirstPlace } from './FirstPlace';
import { FocusMark } from './FocusMark';
import { activate } from '../commands/activeTape';

interface MarksProps {
  readonly width: number;
  readonly height: number;
  /** Part of an edge that the ladder covers: of the right one, mirrored of the left. */
  readonly covered: number;
  readonly mirrored: boolean;
}

/**
 * What is laid over the picture: where the spot reads, and the pins. Gone while a finger asks for
 * the bare picture.
 */
export function WindowMarks({ width, height, covered, mirrored }: MarksProps) {
  const meter = useStore(fieldStore, (s) => s.settings.meter);
  const pins = useStore(fieldStore, (s) => s.pins);
  const bare = useStore(fieldStore, (s) => s.bare);
  const activeTape = useStore(fieldStore, (s) => s.activeTape);
  const captioned = useStore(fieldStore, (s) => s.preferences.aids.caption.length > 0);
  if (bare) return null;
  const left = mirrored ? covered : 0;
  const isHeld = activeTape === 'white' || activeTape === 'focus';
  const radius = circleRadius(SPOT_SHARE, width, height);
  const ring = { cx: meter.spot.x * width, cy: meter.spot.y * height, r: radius, fill: 'none' };
  return (
    <View style={[styles.layer, { width, height }]}>
      <AspectBars width={width} height={height} />
      <FieldAids width={width} height={height} left={left} free={width - covered} />
      {meter.pattern === 'spot' && (
        <Svg width={width} height={height} style={styles.spot}>
          <Circle {...ring} stroke="#1f1f1f" strokeWidth={3} strokeDasharray="10 6" />
          <Circle {...ring} stroke="#ede8dc" strokeWidth={1.5} strokeDasharray="10 6" />
        </Svg>
      )}
      {pins.map((pin, index) =>
        inPicture(pin.at) ? (
          <LivePin
            key={pin.number}
            pin={pin}
            index={index}
            width={mirrored ? width : width - covered}
            left={pin.at.x * width}
            top={pin.at.y * height}
          />
        ) : null,
      )}
      <FocusMark width={width} height={height} />
      {isHeld ? (
        <TapHint activeTape={activeTape} left={left} width={width - covered} height={height} />
      ) : (
        !captioned && <FirstPlace left={left} width={width - covered} />
      )}
    </View>
  );
}

/** What the chosen shape leaves out, darkened. */
function AspectBars({ width, height }: { width: number; height: number }) {
  const aspect = useStore(fieldStore, (s) =>
    s.capabilities?.hasAspect ? s.settings.aspect : '4:3',
  );
  if (aspect === '4:3') return null;
  // The long side of the shape lies along the long side of the picture.
  const upright = height > width;
  const box = upright
    ? aspectBox(Math.round(height), Math.round(width), aspect)
    : aspectBox(Math.round(width), Math.round(height), aspect);
  const [left, top] = upright ? [box.y, box.x] : [box.x, box.y];
  const bars =
    left > 0
      ? [
          { left: 0, top: 0, width: left, height },
          { left: width - left, top: 0, width: left, height },
        ]
      : [
          { left: 0, top: 0, width, height: top },
          { left: 0, top: height - top, width, height: top },
        ];
  return bars.map((bar, i) => <View key={i} style={[styles.bar, bar]} />);
}

const HINTS = {
  white: { text: 'White in hand: tap something neutral', name: 'Done: put White down' },
  focus: { text: 'Focus in hand: tap what shall be sharp', name: 'Done: put Focus down' },
} as const;

/** Says what a tap does with this tape in hand, and how to put it down. */
function TapHint({
  activeTape,
  left,
  width,
  height,
}: {
  activeTape: keyof typeof HINTS;
  left: number;
  width: number;
  height: number;
}) {
  const takesNeutral = useStore(fieldStore, (s) => s.capabilities?.white?.tint ?? false);
  // A camera that balances its picture itself reads no neutral: a tap meters, as it does with Time
  // in hand.
  if (activeTape === 'white' && !takesNeutral) return null;
  return (
    <View style={[styles.hint, { left: left + 6, maxWidth: width - 12, top: height - 50 }]}>
      <Text style={styles.hintText}>{HINTS[activeTape].text}</Text>
      <Pressable
        role="button"
        aria-label={HINTS[activeTape].name}
        onPress={() => activate(null)}
        style={styles.hintDone}
      >
        <Text style={styles.hintText}>Done</Text>
      </Pressable>
    </View>
  );
}

interface LivePinProps {
  readonly pin: Pin;
  readonly index: number;
  readonly width: number;
  readonly left: number;
  readonly top: number;
}

function LivePin({ pin, index, width, left, top }: LivePinProps) {
  const chip = useRef<View>(null);
  const tone = useRef<Text>(null);
  const room = useRef<Text>(null);
  const words = useMemo(() => pinWords(pin.number, index), [pin.number, index]);
  useLiveWords(tone, readingsStore, words.tone);
  useLiveWords(room, readingsStore, words.room);
  useLiveWords(chip, readingsStore, words.spoken, 'aria-label');
  return (
    <View style={styles.anchor}>
      <PinChip
        number={pin.number}
        left={left}
        top={top}
        turned={left > width * 0.55}
        chip={chip}
        tone={tone}
        room={room}
        onPress={() => takePinOut(pin.number)}
      />
    </View>
  );
}

/** How a pin's words are read from the readings. */
function pinWords(number: number, index: number) {
  const read = (readings: Readings | null) => {
    const reading = readings?.pins[index];
    return reading ? pinText(reading) : { tone: '…', room: '' };
  };
  return {
    tone: (readings: Readings | null) => read(readings).tone,
    room: (readings: Readings | null) => read(readings).room,
    spoken(readings: Readings | null) {
      const { tone, room } = read(readings);
      return `Pin ${number}: ${tone} stops from mid-grey, ${room}. Take it out`;
    },
  };
}

const styles = StyleSheet.create({
  layer: { position: 'absolute', left: 0, top: 0, overflow: 'hidden', pointerEvents: 'box-none' },
  spot: { position: 'absolute', left: 0, top: 0, pointerEvents: 'none' },
  bar: { position: 'absolute', backgroundColor: 'rgba(18,18,18,0.78)', pointerEvents: 'none' },
  hint: {
    position: 'absolute',
    flexDirection: 'row',
    alignItems: 'center',
    paddingLeft: 10,
    borderRadius: 6,
    backgroundColor: 'rgba(22,22,22,0.85)',
    pointerEvents: 'box-none',
  },
  hintText: { flexShrink: 1, fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.light },
  hintDone: { minHeight: 44, minWidth: 56, alignItems: 'center', justifyContent: 'center' },
  anchor: { position: 'absolute', left: 0, top: 0, pointerEvents: 'box-none' },
});
