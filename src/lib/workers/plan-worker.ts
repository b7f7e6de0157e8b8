/** The page's own planner: a workstation comes in as a message, and its advice goes back. Works offline. */
import { adviseCorner } from '$lib/core/plan/advice/advise-corner';
import type { Corner } from '$lib/core/workstation/corner/corner';

addEventListener('message', ({ data }: MessageEvent<{ id: number; corner: Corner }>) =>
	postMessage({ id: data.id, advice: adviseCorner(data.corner) })
);
