/** The page's own planner: a corner comes in by message, its advice goes back. It works without network. */
import { adviseCorner } from '$lib/core/advice';
import type { Corner } from '$lib/core/corner';

addEventListener('message', ({ data }: MessageEvent<{ id: number; corner: Corner }>) =>
	postMessage({ id: data.id, advice: adviseCorner(data.corner) })
);
