export {
  assetScheme,
  isUploadedFile,
  safeAddress,
  safeImage,
  wholeImage,
  type AddressUse,
} from './address.js';
export { isSafeColour } from './colour.js';
