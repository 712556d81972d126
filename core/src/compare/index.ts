export {
  type ChannelDifference,
  type ComparedRaw,
  compareRaws,
  type RawComparison,
} from './compareRaws';
