export { compileSchema } from './compile-schema';
