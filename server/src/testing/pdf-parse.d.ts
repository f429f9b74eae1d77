// The package's own entry reads a file of its tests when it is imported as a module.
declare module 'pdf-parse/lib/pdf-parse.js' {
  export { default } from 'pdf-parse';
}
