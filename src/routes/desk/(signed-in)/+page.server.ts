import { LONGEST_MESSAGE, writeToPerson } from '$lib/server/cases/messages';
import { readDaySheet, readTotals } from '$lib/server/cases/day-sheet';
import { MOST_AT_ONCE, settleCases, undoSettling } from '$lib/server/cases/settle-case';
import { isoDay } from '$lib/server/clock';
import { finishFollowUp, undoFinish } from '$lib/server/follow-ups/set-follow-up';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import { personSchema, UUID_PATTERN } from '$lib/server/http/person-schema';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => {
		const actor = signedIn(locals);
		const today = isoDay(locals.now, locals.config.timeZone);
		if (actor.kind === 'user' && actor.role === 'reader')
			return { today, sheet: null, totals: await readTotals(locals.db, actor) };
		return { today, sheet: await readDaySheet(locals.db, actor, today), totals: null };
	});

/** Ids of people in one field, apart by commas: a form of this kind has each name once. */
const IDS = {
	type: 'string',
	maxLength: MOST_AT_ONCE * 37,
	pattern: `^${UUID_PATTERN.slice(1, -1)}(?:,${UUID_PATTERN.slice(1, -1)})*$`
} as const;

const MOMENT = {
	type: 'string',
	pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}\\.\\d{3}Z$'
} as const;

const readPeople = formReader<{ people: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['people'],
	properties: { people: IDS }
});

const readUndo = formReader<{ people: string; at: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['people', 'at'],
	properties: { people: IDS, at: MOMENT }
});

const readWrite = formReader<{ people: string; text: string; key: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['people', 'text', 'key'],
	properties: {
		people: IDS,
		text: { type: 'string', maxLength: LONGEST_MESSAGE },
		key: { type: 'string', pattern: UUID_PATTERN }
	}
});

const readPerson = formReader<{ person: string }>(personSchema);

const readUndoDone = formReader<{ person: string; at: string }>({
	...personSchema,
	required: ['person', 'at'],
	properties: { ...personSchema.properties, at: MOMENT }
});

export const actions: Actions = {
	settle: ({ request, locals }) =>
		orFailedForm(async () => {
			const people = (await readPeople(request)).people.split(',');
			const input = { personIds: people, reason: '', version: null };
			await settleCases(locals.db, signedIn(locals), input, locals.now);
			return { undo: { kind: 'settle' as const, people, at: locals.now.toISOString() } };
		}),

	unsettle: ({ request, locals }) =>
		orFailedForm(async () => {
			const { people, at } = await readUndo(request);
			const input = { personIds: people.split(','), at: new Date(at) };
			await undoSettling(locals.db, signedIn(locals), input, locals.now);
			return { undone: true };
		}),

	write: ({ request, locals }) =>
		orFailedForm(async () => {
			const { people, text, key } = await readWrite(request);
			const ids = [...new Set(people.split(','))].sort();
			await locals.db.transaction(async (tx) => {
				for (const personId of ids)
					await writeToPerson(
						tx,
						signedIn(locals),
						{ personId, text, key: `${key} ${personId}` },
						locals.now
					);
			});
			locals.wake('letters');
			return { written: ids.length };
		}),

	done: ({ request, locals }) =>
		orFailedForm(async () => {
			const { person } = await readPerson(request);
			const input = { personId: person, outcome: '', next: null };
			await finishFollowUp(locals.db, signedIn(locals), input, locals.now);
			return { undo: { kind: 'done' as const, people: [person], at: locals.now.toISOString() } };
		}),

	undoDone: ({ request, locals }) =>
		orFailedForm(async () => {
			const { person, at } = await readUndoDone(request);
			await undoFinish(locals.db, signedIn(locals), { personId: person, at: new Date(at) }, locals.now);
			return { undone: true };
		})
};
