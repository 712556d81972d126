/**
 * What ExifTool's validator says of a DNG with a depth map (errors, warnings, minor ones): nothing,
 * or, where its list of the first directory's tags ends at DNG 1.4 (as Debian's 12.57 does), a
 * minor warning for each of the five depth tags; `depthMap.test` checks that it is these five.
 */
export const VALID_WITH_DEPTH: unknown = expect.stringMatching(/^0 (0 0|5 5)$/);
