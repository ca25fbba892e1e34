export { ChargeScreen } from './ChargeScreen';
