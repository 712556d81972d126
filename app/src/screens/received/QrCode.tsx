import QRCode from 'qrcode';
import { useMemo } from 'react';
import Svg, { Path, Rect } from 'react-native-svg';

/** Light modules around a code (ISO/IEC 18004: four). */
const QUIET = 4;

/** A QR code in black and white, whatever the plate: cameras want nothing else. */
export function QrCode({ text, size, label }: { text: string; size: number; label: string }) {
  const { side, path } = useMemo(() => {
    const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
    const steps: string[] = [];
    modules.data.forEach((dark, n) => {
      const [x, y] = [n % modules.size, Math.floor(n / modules.size)];
      if (dark) steps.push(`M${x + QUIET} ${y + QUIET}h1v1h-1z`);
    });
    return { side: modules.size + 2 * QUIET, path: steps.join('') };
  }, [text]);
  return (
    <Svg width={size} height={size} viewBox={`0 0 ${side} ${side}`} role="img" aria-label={label}>
      <Rect width={side} height={side} fill="#fff" />
      <Path d={path} fill="#000" />
    </Svg>
  );
}
