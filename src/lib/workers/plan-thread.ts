/** The server's thread that solves plans: a corner comes in by message, its advice goes back. */
import { parentPort } from 'node:worker_threads';
import { adviseCorner } from '$lib/core/advice';
import type { Corner } from '$lib/core/corner';

parentPort?.on('message', (corner: Corner) => parentPort?.postMessage(adviseCorner(corner)));
