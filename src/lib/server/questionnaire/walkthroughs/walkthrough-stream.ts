import type { Db } from '../../platform/db/client';
import type { ChangeFeed, ChangeListener } from '../../platform/live/changes';
import { eventStream } from '../../platform/live/event-stream';
import { readWalkthroughState } from './walkthrough-state';
import { visitWalkthrough } from './walkthrough-visits';
import type { WalkthroughParty } from './walkthrough-party';

/** Least time between two events, ms: what one side does is on the other's drawing as if both stood before it. */
const PAUSE_MS = 40;

/** What a stream needs of its process. */
interface StreamTools {
	readonly db: Db;
	readonly now: Date;
	readonly changes: Pick<ChangeFeed, 'follow' | 'read'>;
}

/**
 * A walkthrough as server-sent events: its state after each change of the walkthrough or of the answers. While the stream is open, its
 * reader counts as present.
 * @param until ends the stream together with something else, such as a session
 * @param closed called once at the end
 */
export async function walkthroughStream(
	{ db, now, changes }: StreamTools,
	{ userId, open, walkthrough }: WalkthroughParty,
	until: (listener: ChangeListener) => () => void,
	closed: () => void
): Promise<Response> {
	const left = await visitWalkthrough(db, walkthrough.id, userId, now).catch((error: unknown) => {
		closed();
		throw error;
	});
	const topics = [`walkthrough:${walkthrough.id}`, `answers:${open.assessment.id}`] as const;
	return eventStream(
		(listener) => {
			const ends = [...topics.map((topic) => changes.follow(topic, listener)), until(listener)];
			return () => ends.forEach((end) => end());
		},
		() => changes.read(topics, () => readWalkthroughState(db, walkthrough.id, new Date())),
		() => {
			closed();
			left();
		},
		PAUSE_MS
	);
}
