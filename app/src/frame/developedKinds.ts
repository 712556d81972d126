/** Kinds of files a raw is developed to; TIFF and PNG have 16 bits. */
export const DEVELOPED_KINDS = ['jpeg', 'tiff', 'png'] as const;
export type DevelopedKind = (typeof DEVELOPED_KINDS)[number];
