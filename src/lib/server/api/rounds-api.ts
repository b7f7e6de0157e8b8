import type { Static } from 'typebox';
import type { API_OPERATIONS } from '../../core/api';
import { listRounds } from '../rounds/read-rounds';
import type { ApiCall } from './api-handler';

/** The newest rounds, with how many people are in each state. */
export async function roundsPage({
	db,
	actor
}: ApiCall<null>): Promise<Static<(typeof API_OPERATIONS)['listRounds']['answer']>> {
	const rounds = await listRounds(db, actor);
	return {
		items: rounds.map(({ id, name, state, startsOn, dueOn, sentAt, closedAt, progress }) => ({
			...{ id, name, state, startsOn, dueOn },
			sentAt: sentAt?.toISOString() ?? null,
			closedAt: closedAt?.toISOString() ?? null,
			people: progress
		}))
	};
}
