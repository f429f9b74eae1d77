export { assetScheme, safeAddress, safeImage, wholePicture, type AddressUse } from './address.js';
export { isSafeColour } from './colour.js';
