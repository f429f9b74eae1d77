export { safeAddress, type AddressUse } from './address.js';
export { isSafeColour } from './colour.js';
