/** Switches of native screens, of which a browser has none. */
export const initScreensFeatureFlags = () => {};
