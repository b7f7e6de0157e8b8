import type { ChangeFeed, ChangeTopic, ChangeListener } from './changes';

/** Follows something for as long as a session lasts: when it ends, so does what follows. @param hash of the session's token */
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

/** After this long the browser connects again, ms: no stream outlives a closed lid for long. */
const MOST_MS = 5 * 60_000;

/** Between two events at least, ms: many changes at once are shown as one. */
const PAUSE_MS = 250;

/**
 * Server-sent events that tell a state after every change, also where it is the same as the last one told: what it sums up may
 * have gone there and back, and a page may have read it half way. A look that fails ends the stream, and the
 * browser connects again by itself.
 *
 * @param follow begins to call back after changes, and gives what ends it
 * @param state what to tell, read again for each change
 * @param ended called once, when it has ended
 */
export function eventStream(
	follow: (follower: ChangeListener) => () => void,
	state: () => Promise<unknown>,
	ended: () => void
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
				}, PAUSE_MS);
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
			const most = setTimeout(end, MOST_MS);
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
