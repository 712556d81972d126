export {
  type ChannelDifference,
  type ComparedRaw,
  compareRaws,
  type RawComparison,
} from './compareRaws';
export { type DifferencePiece, drawDifference } from './differencePicture';
