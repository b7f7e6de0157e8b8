import { parentPort, workerData } from 'node:worker_threads';

/** Between two looks, ms. */
const LOOK_MS = 50;

/** How long each health check took, ms: from a thread that nothing else in the benchmark delays. */
const waits = [];
let isOver = false;
parentPort?.on('message', () => void (isOver = true));
while (!isOver) {
	const asked = performance.now();
	await (await fetch(`${workerData}/health`)).arrayBuffer();
	waits.push(performance.now() - asked);
	await new Promise((resolve) => setTimeout(resolve, LOOK_MS));
}
parentPort?.postMessage(waits);
parentPort?.close();
