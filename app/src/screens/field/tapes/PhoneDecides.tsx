import { nominalKelvin } from '@velmo/core/colour';
import { nominalIso, nominalTime } from '@velmo/core/exposure';
import type { Readings } from '../../../camera/device/readings';
import { TapeNote } from '../../../instruments/tape/TapeNote';
import { useStore } from '../../../state/store';
import { readingsStore } from '../session/fieldState';

interface Decided {
  readonly name: string;
  /** What its browser would have to offer. */
  readonly lacks: string;
  /** What the device says it does; null where it says nothing. */
  readonly reported: (readings: Readings) => string | null;
}

/** Tapes that a device may keep to itself. */
const DECIDED = {
  time: {
    name: 'Time',
    lacks: 'shutter time',
    reported: ({ timeClick }) => (timeClick === null ? null : `${nominalTime(timeClick)} s`),
  },
  iso: {
    name: 'ISO',
    lacks: 'ISO',
    reported: ({ isoClick }) => (isoClick === null ? null : nominalIso(isoClick)),
  },
  comp: { name: 'Comp', lacks: 'compensation', reported: () => 'none' },
  focus: { name: 'Focus', lacks: 'focus', reported: () => null },
  white: {
    name: 'White',
    lacks: 'colour temperature',
    reported: ({ white }) => (white ? `${nominalKelvin(white.kelvin)} K` : null),
  },
} as const satisfies Record<string, Decided>;

/**
 * In a tape's place where the browser offers no control: what the phone does, as far as it says,
 * and why it cannot be moved.
 */
export function PhoneDecides({ what, height }: { what: keyof typeof DECIDED; height: number }) {
  const { name, lacks, reported }: Decided = DECIDED[what];
  const value = useStore(readingsStore, (r) => (r && reported(r)) ?? 'auto');
  return (
    <TapeNote
      name={name}
      value={value}
      text={`The phone decides: this browser offers no ${lacks} here.`}
      height={height}
    />
  );
}
