import type { ViewStyle } from 'react-native';

/** Styles of the web that React Native's types do not know. */
const web = (style: Record<string, string>): ViewStyle => style as ViewStyle;

export const GRABBABLE = web({ cursor: 'grab', touchAction: 'none', userSelect: 'none' });
export const SLIDABLE = web({ cursor: 'ns-resize', touchAction: 'none', userSelect: 'none' });
export const ZOOMABLE = web({ cursor: 'zoom-in', touchAction: 'none' });
