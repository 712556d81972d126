import type { ViewStyle } from 'react-native';

/** Styles of the web that React Native's types do not know. */
const web = (style: Record<string, string>): ViewStyle => style as ViewStyle;

/** Dragged along: a tape. */
export const GRABBABLE = web({ cursor: 'grab', touchAction: 'none', userSelect: 'none' });
/** Dragged up and down: a pin of the ladder. */
export const SLIDABLE = web({ cursor: 'ns-resize', touchAction: 'none', userSelect: 'none' });
/** Dragged to the sides. */
export const SLIDABLE_ACROSS = web({
  cursor: 'ew-resize',
  touchAction: 'none',
  userSelect: 'none',
});
/** Tapped to be seen larger. */
export const ZOOMABLE = web({ cursor: 'zoom-in', touchAction: 'none' });
/** Dragged any way: the Window. */
export const PANNABLE = web({ cursor: 'crosshair', touchAction: 'none', userSelect: 'none' });
/** Pressed and dragged, never copied from: a long press selects nothing and calls no menu. */
export const UNSELECTABLE = web({
  userSelect: 'none',
  WebkitUserSelect: 'none',
  WebkitTouchCallout: 'none',
});
/** Moved often: gets a layer of its own, so that moving it repaints nothing. */
export const GLIDING = web({ willChange: 'transform' });
/** What changes inside lays out and paints nothing outside. */
export const CONTAINED = web({ contain: 'layout paint' });
