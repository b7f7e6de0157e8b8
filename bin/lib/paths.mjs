import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));

/** Where the project keeps its data on this machine; ignored by git. */
export const dataFolder = join(root, '.data');

/**
 * A program from an installed package, without the second or two that `npx` takes to find it.
 * @param {string} name
 */
export const packageProgram = (name) => join(root, 'node_modules', '.bin', name);
