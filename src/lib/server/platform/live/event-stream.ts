import type { ChangeFeed, ChangeTopic, ChangeListener } from './changes';

/**
 * Follows something for as long as a session lasts: both end together.
 * @param hash of the session's token
 */
export function untilSignedOut(changes: Pick<ChangeFeed, 'follow'>, hash: string, what: ChangeTopic) {
	return (follower: ChangeListener): (() => void) => {
		const unfollow = changes.follow(what, follower);
		const untilEnd = changes.follow(`session:${hash}`, {
			look: (isChange) => isChange && follower.end(),
			end: () => follower.end()
		});
		return () => {
			unfollow();
			untilEnd();
		};
	};
}

/** After this long the browser reconnects, ms: no stream outlives a closed laptop for long. */
export const MOST_STREAM_MS = 5 * 60_000;

/** Least time between two events where nothing else is said, ms: many changes at once become one. */
const PAUSE_MS = 250;

/**
 * Server-sent events with a state after every change, even if it equals the last one sent: it may have changed and changed back, and a page
 * may have read it half-way. A failed read ends the stream, and the browser reconnects by itself.
 * @param follow subscribes to changes, and returns how to unsubscribe
 * @param state what to send, read again for each change
 * @param ended called once at the end
 * @param pauseMs least time between two events, ms
 */
export function eventStream(
	follow: (follower: ChangeListener) => () => void,
	state: () => Promise<unknown>,
	ended: () => void,
	pauseMs = PAUSE_MS
): Response {
	const encoder = new TextEncoder();
	let stop = () => {};
	const body = new ReadableStream<Uint8Array>({
		start(controller) {
			let last = '';
			let [isEnded, isLooking, isStale, hasChanged] = [false, false, false, false];
			let pause: ReturnType<typeof setTimeout> | undefined;
			async function look(): Promise<void> {
				isLooking = true;
				const mustTell = hasChanged;
				[isStale, hasChanged] = [false, false];
				const told = JSON.stringify(await state());
				if (isEnded) return;
				if (mustTell || told !== last) controller.enqueue(encoder.encode(`data: ${told}\n\n`));
				last = told;
				pause = setTimeout(() => {
					isLooking = false;
					if (isStale) lookAgain(false);
				}, pauseMs);
			}
			function lookAgain(isChange: boolean): void {
				isStale = true;
				hasChanged ||= isChange;
				if (!isLooking) look().catch(end);
			}
			function end(): void {
				if (isEnded) return;
				stop();
				controller.close();
			}
			lookAgain(false);
			const unfollow = follow({ look: lookAgain, end });
			const most = setTimeout(end, MOST_STREAM_MS);
			stop = () => {
				isEnded = true;
				unfollow();
				clearTimeout(pause);
				clearTimeout(most);
				ended();
			};
		},
		cancel: () => stop()
	});
	return new Response(body, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
	});
}
