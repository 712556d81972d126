import type { Positioning } from '../../../camera/position';

/** What is known of where frames are taken. */
export function positionWords(positioning: Positioning): string {
  switch (positioning.state) {
    case 'off':
      return 'It is asked for once the camera is open.';
    case 'asked':
      return 'The browser is asked where this is ...';
    case 'refused':
      return 'The browser was not allowed to say where this is: allow it in its settings for this page. Frames are taken without.';
    case 'unknown':
      return 'Where this is cannot be found out just now. Frames are taken without.';
    case 'known': {
      const { accuracyM } = positioning.position;
      const within = accuracyM === undefined ? '' : ` to within ${Math.round(accuracyM)} m`;
      return `Known${within}: written as Exif GPS, and left out of what is delivered where you choose so. The phone’s own photographs say what the phone writes.`;
    }
  }
}
