import type { Db } from '../../platform/db/client';
import type { ChangeFeed, ChangeListener } from '../../platform/live/changes';
import { eventStream } from '../../platform/live/event-stream';
import { readSharedSessionState } from './shared-session-state';
import { visitSharedSession } from './shared-session-visits';
import type { SharedSessionParty } from './shared-session-party';

/** Least time between two events, ms: what one side does is on the other's drawing as if both stood before it. */
const PAUSE_MS = 40;

/** What a stream needs of its process. */
interface StreamTools {
	readonly db: Db;
	readonly now: Date;
	readonly changes: Pick<ChangeFeed, 'follow' | 'read'>;
}

/**
 * A shared session as server-sent events: its state after each change of the shared session or of the answers. While the stream is open, its
 * reader counts as present.
 * @param until ends the stream together with something else, such as a session
 * @param closed called once at the end
 */
export async function sharedSessionStream(
	{ db, now, changes }: StreamTools,
	{ userId, open, sharedSession }: SharedSessionParty,
	until: (listener: ChangeListener) => () => void,
	closed: () => void
): Promise<Response> {
	const left = await visitSharedSession(db, sharedSession.id, userId, now).catch((error: unknown) => {
		closed();
		throw error;
	});
	const topics = [`sharedSession:${sharedSession.id}`, `answers:${open.assessment.id}`] as const;
	return eventStream(
		(listener) => {
			const ends = [...topics.map((topic) => changes.follow(topic, listener)), until(listener)];
			return () => ends.forEach((end) => end());
		},
		() => changes.read(topics, () => readSharedSessionState(db, sharedSession.id, new Date())),
		() => {
			closed();
			left();
		},
		PAUSE_MS
	);
}
