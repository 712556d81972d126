// What the packages in the page's first scripts use of React Native. They ask for all of it, and a
// bundler takes whole modules: lists, animations, dialogs and fields would come along.
export { default as Dimensions } from 'react-native-web/dist/exports/Dimensions';
export { default as I18nManager } from 'react-native-web/dist/exports/I18nManager';
export { default as Image } from 'react-native-web/dist/exports/Image';
export { default as NativeEventEmitter } from 'react-native-web/dist/exports/NativeEventEmitter';
export { default as NativeModules } from 'react-native-web/dist/exports/NativeModules';
export { default as PixelRatio } from 'react-native-web/dist/exports/PixelRatio';
export { default as Platform } from 'react-native-web/dist/exports/Platform';
export { default as Pressable } from 'react-native-web/dist/exports/Pressable';
export { default as StyleSheet } from 'react-native-web/dist/exports/StyleSheet';
export { default as Text } from 'react-native-web/dist/exports/Text';
export { default as Touchable } from 'react-native-web/dist/exports/Touchable';
export { default as View } from 'react-native-web/dist/exports/View';
export { default as unstable_createElement } from 'react-native-web/dist/exports/createElement';
export { default as useColorScheme } from 'react-native-web/dist/exports/useColorScheme';
export { default as useWindowDimensions } from 'react-native-web/dist/exports/useWindowDimensions';
