export * from './brand.js';
export * from './contrast.js';
export * from './properties.js';
export * from './resolve.js';
export * from './roles.js';
export * from './tokens.js';
export * from './values.js';
