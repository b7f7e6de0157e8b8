/**
 * Calls back every second, also while the page is in the background.
 * @returns stops it
 */
export function everySecond(tick: (nowMs: number) => void): () => void {
	if (typeof Worker === 'undefined') {
		const timer = setInterval(() => tick(Date.now()), 1000);
		return () => clearInterval(timer);
	}
	const worker = new Worker(new URL('../../workers/clock-worker.ts', import.meta.url), { type: 'module' });
	worker.onmessage = ({ data }: MessageEvent<number>) => tick(data);
	return () => worker.terminate();
}
