import { useMemo } from 'react';
import { formatDistance, formatZone, distanceOf } from '@velmo/core/optics';
import type { Band } from '@velmo/core/consequence';
import type { ClickRange } from '@velmo/core/exposure';
import type { FocusControl } from '../../../camera/device/capabilities';
import { focusTapeScale } from '../../../instruments/tape/focusTapeScale';
import { Tape } from '../../../instruments/tape/Tape';
import { TapeNote } from '../../../instruments/tape/TapeNote';
import { useStore } from '../../../state/store';
import { dioptresNow, holdFocus, releaseFocus } from '../commands/focusCommands';
import { fieldStore, readingsStore, toggleSheet } from '../session/fieldState';
import { activate, tapTape } from '../commands/activeTape';
import { why } from '../commands/askWhy';
import { loupeWhileTurning } from '../window/loupeView';
import type { ForeseenFrame } from '../series/foreseen';
import { useForeseen } from '../series/useForeseen';
import { PhoneDecides } from './PhoneDecides';

/** Where the lens stands, as a number that can be compared; NaN while that is not known. */
const standing = (): number => dioptresNow() ?? NaN;

const grab = (): void => activate('focus');
const tap = (): void => tapTape('focus');
const WHY = why('focus');
const openSheet = (): void => toggleSheet('focus');

const STATE_WORDS = {
  held: 'set',
  fixed: 'fixed',
  searching: 'searching',
  found: 'auto',
  dark: 'too dark',
  flat: 'no detail',
  device: 'auto',
} as const;

/** The word beside the tape's name. */
function stateWord(): string {
  const { focus } = fieldStore.get().settings;
  if (focus.mode === 'held') return 'set';
  const state = readingsStore.get()?.focus?.state ?? 'device';
  // Focus is left to the device, and the device reports that it holds its lens.
  return state === 'held' ? 'stays' : STATE_WORDS[state];
}

/** What each frame of focus steps will hold sharp, side by side. */
const stepZones = (
  frames: readonly ForeseenFrame[],
  { zoneOf, clickOf }: FocusControl,
  range: ClickRange,
): Band[] =>
  frames.flatMap(({ focusDioptres }, i) => {
    const zone = zoneOf(focusDioptres);
    if (!zone) return [];
    const [from, to] = [1 / zone.nearM, 1 / zone.farM].map((d) =>
      Math.min(range.max, Math.max(range.min, Math.round(clickOf(d)))),
    );
    const label = `${i + 1}`;
    return [{ id: `step-${i}`, from, to, label, detail: '', weight: 'zone', grade: i % 2 }];
  });

/** Focus by distance, with what is sharp drawn to scale. */
export function FocusTape({ height }: { height: number }) {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const lens = useStore(fieldStore, (s) => s.settings.lens);
  const crop = useStore(fieldStore, (s) => s.settings.crop);
  const isHeld = useStore(fieldStore, (s) => s.settings.focus.mode === 'held');
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  const open = useStore(fieldStore, (s) => s.sheet === 'focus');
  const isActive = useStore(fieldStore, (s) => s.activeTape === 'focus');
  useStore(fieldStore, standing);
  const dioptres = useStore(readingsStore, standing);
  const tag = useStore(readingsStore, stateWord);
  // Made and drawn once for a lens and its crop, not for every setting.
  const control = useMemo(
    () => capabilities?.focus({ ...fieldStore.get().settings, lens, crop }) ?? null,
    [capabilities, lens, crop],
  );
  const scale = useMemo(
    () => (control?.range ? focusTapeScale({ ...control, range: control.range }, unit) : null),
    [control, unit],
  );
  const foreseen = useForeseen();
  if (!control) return <PhoneDecides what="focus" height={height} />;
  const zone = Number.isNaN(dioptres) ? null : control.zoneOf(dioptres);
  const sharp = zone ? `sharp ${formatZone(zone.nearM, zone.farM, unit)}` : '';
  const below =
    control.hyperfocalM === null ? 'and loupe' : `H ${formatDistance(control.hyperfocalM, unit)}`;
  const cap = {
    top: 'depth ▾',
    below,
    name: `Focus: depth ▾ ${below}`,
    expanded: open,
    onPress: openSheet,
  };
  if (!control.range || !scale)
    return (
      <TapeNote
        name="Focus"
        value={control.fixedM === null ? 'auto' : formatDistance(control.fixedM, unit)}
        text={
          control.fixedM === null
            ? 'The camera focuses where you tap; its browser offers no distance.'
            : `This lens is fixed: ${sharp}.`
        }
        height={height}
        cap={cap}
      />
    );
  const { range } = control;
  const click = Number.isNaN(dioptres)
    ? range.max
    : Math.min(range.max, Math.max(range.min, control.clickOf(dioptres)));
  const steps = foreseen?.kind === 'focus' ? foreseen.frames : [];
  const bands: Band[] =
    steps.length > 0
      ? stepZones(steps, control, range)
      : zone
        ? [
            {
              id: 'sharp',
              from: Math.max(range.min, Math.round(control.clickOf(1 / zone.nearM))),
              to: Math.min(range.max, Math.round(control.clickOf(1 / zone.farM))),
              label: sharp,
              detail: `${sharp}.`,
              weight: 'zone',
            },
          ]
        : [];
  // Where it is not known how deep a frame is sharp, its place is all that can be shown.
  const marks = steps.map(({ focusDioptres }) => Math.round(control.clickOf(focusDioptres)));
  const onChange = (to: number): void => {
    holdFocus(control.dioptresOf(to));
    loupeWhileTurning();
  };
  return (
    <Tape
      scale={scale}
      why={WHY}
      range={range}
      click={click}
      held={isHeld}
      step={1}
      releasable
      atEnd={tag === STATE_WORDS.dark || tag === STATE_WORDS.flat}
      tag={isHeld ? 'set' : tag}
      bands={bands}
      marks={bands.length === 0 && marks.length > 0 ? marks : undefined}
      description={sharp || `${formatDistance(distanceOf(dioptres), unit)}`}
      height={height}
      isActive={isActive}
      cap={cap}
      onChange={onChange}
      onRelease={releaseFocus}
      onGrab={grab}
      onTap={tap}
    />
  );
}
