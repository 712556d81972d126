/** When the light of a framing is computed before Expose asks for it. */
export const AHEAD_CHOICES = ['fitting', 'always', 'never'] as const;
export type AheadChoice = (typeof AHEAD_CHOICES)[number];
