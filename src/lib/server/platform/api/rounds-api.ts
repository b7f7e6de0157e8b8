import type { Static } from 'typebox';
import type { API_OPERATIONS } from '../../../core/platform/api/operations';
import { pauseRound } from '../../people/rounds/correct-round';
import { createRound } from '../../people/rounds/edit-rounds';
import { listRounds, readRoundWithProgress } from '../../people/rounds/read-rounds';
import { previewRoundSelection } from '../../people/rounds/round-selection';
import { closeRound, startRound } from '../../people/rounds/run-round';
import type { ApiCall } from './api-handler';

type Operations = typeof API_OPERATIONS;
type Answer<O extends keyof Operations> = Static<Operations[O]['answer']>;
type Body<O extends 'makeRound' | 'startRound' | 'pauseRound' | 'closeRound'> = Static<Operations[O]['body']>;

type ListedRound = Awaited<ReturnType<typeof listRounds>>[number];

const shown = ({ id, version, name, state, startsOn, dueOn, progress, ...at }: ListedRound) => ({
	...{ id, version, name, state, startsOn, dueOn },
	sentAt: at.sentAt?.toISOString() ?? null,
	pausedAt: at.pausedAt?.toISOString() ?? null,
	closedAt: at.closedAt?.toISOString() ?? null,
	people: progress
});

/** The newest rounds, with how many people are in each state. */
export async function roundsPage({ db, actor }: ApiCall<null>): Promise<Answer<'listRounds'>> {
	return { items: (await listRounds(db, actor)).map(shown) };
}

/** One round. Cost: for a draft, one pass over the people of its filter. */
export async function readRoundByProgram({
	db,
	actor,
	id,
	now
}: Pick<ApiCall<unknown>, 'db' | 'actor' | 'id' | 'now'>): Promise<Answer<'getRound'>> {
	const round = await readRoundWithProgress(db, actor, id);
	const reaches = round.state === 'draft' ? (await previewRoundSelection(db, round.filter, now)).n : null;
	return { ...shown(round), reaches };
}

export async function makeRoundByProgram({
	db,
	actor,
	body: { teams = [], country = '', notAnsweredWithinDays = 0, way, route, rhythm, ...round },
	now
}: ApiCall<Body<'makeRound'>>): Promise<Answer<'makeRound'>> {
	const filter = { teams, country, notAnsweredWithinDays };
	const id = await createRound(
		db,
		actor,
		{ ...round, filter, sittingStyle: way, questionnaireMode: route, breakSchedule: rhythm },
		now
	);
	return readRoundByProgram({ db, actor, id, now });
}

export async function startRoundByProgram(call: ApiCall<Body<'startRound'>>): Promise<Answer<'startRound'>> {
	const { db, actor, id, body, now } = call;
	await startRound(db, actor, { id, ...body }, now);
	return readRoundByProgram(call);
}

/** Pauses a round, or resumes it. */
export async function pauseRoundByProgram(call: ApiCall<Body<'pauseRound'>>): Promise<Answer<'pauseRound'>> {
	const { db, actor, id, body, now } = call;
	await pauseRound(db, actor, { id, ...body }, now);
	return readRoundByProgram(call);
}

export async function closeRoundByProgram(call: ApiCall<Body<'closeRound'>>): Promise<Answer<'closeRound'>> {
	const { db, actor, id, body, now } = call;
	await closeRound(db, actor, { id, ...body }, now);
	return readRoundByProgram(call);
}
