import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));

/** What the project keeps on this machine; ignored by git. */
export const dataFolder = join(root, '.data');
