export { HandoffError, type HandoffFault } from './handoffError';
export { type Content, type Fetch, type HandoffLine, httpLine, pair } from './handoffLine';
export {
  type Arrival,
  type ArrivedFile,
  HANDOFF_PATH,
  MAX_HANDED_BYTES,
  MAX_HANDED_PATH,
  MAX_OFFERED,
  MAX_PHONE_NAME,
  type OfferedFile,
  PAIR_HASH,
  type PairedPhone,
  type Pairing,
  type PairingCode,
  type ReceivedSummary,
  UPLOAD_OFFSET,
} from './protocol';
export { sendFile } from './sendFile';
