import { adviseCorner, type Advice } from '../../core/advice';
import type { Corner } from '../../core/corner';

/** Where plans are solved. */
export interface Planning {
	advise(corner: Corner): Promise<Advice>;
}

/** Solves in this thread, which waits meanwhile: for the seed and for tests, never for a server that others wait on. */
export const planHere: Planning = { advise: (corner) => Promise.resolve(adviseCorner(corner)) };
