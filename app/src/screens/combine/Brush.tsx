import { Choice } from '../../instruments/Choice';

/** Nothing is painted. */
export const NO_BRUSH = -2;
/** What was found is painted back. */
export const AS_FOUND = -1;

/** What a brush may paint: a frame by its place, or a part of the picture. */
export interface BrushPart {
  readonly value: number;
  readonly label: string;
}

interface BrushProps {
  readonly parts: readonly BrushPart[];
  /** A part, or none. */
  readonly brush: number;
  readonly onBrush: (brush: number) => void;
}

/** What a finger paints on the picture: one of its parts, or what was found. */
export function Brush({ parts, brush, onBrush }: BrushProps) {
  const options = [
    { value: NO_BRUSH, label: 'none' },
    ...parts,
    { value: AS_FOUND, label: 'as found' },
  ];
  return (
    <Choice
      label="Brush"
      options={options.map((option) => ({ ...option, name: `Brush: ${option.label}` }))}
      value={brush}
      onChoose={onBrush}
    />
  );
}
