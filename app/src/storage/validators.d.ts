/* Made of the schemas by `npm run validators`. */
type Validator = (value: unknown) => boolean;
export const settings: Validator;
export const preferences: Validator;
export const frameRecord: Validator;
export const olderFrameRecord: Validator;
export const cameraLight: Validator;
export const cameraChoice: Validator;
export const decision: Validator;
export const rollRecord: Validator;
export const markChoice: Validator;
export const kit: Validator;
export const handoff: Validator;
export const drillProgress: Validator;
