import { eq } from 'drizzle-orm';
import type { Static } from 'typebox';
import type { API_OPERATIONS } from '../../../core/platform/api/operations';
import { sendAssessment } from '../../questionnaire/assessments/send-assessment';
import { recordRead } from '../audit/record-read';
import { newestAssessmentResult } from '../../cases/case-assessments/newest-assessment-result';
import { requireCase } from '../../cases/require-case';
import { requirePermission } from '../access/require-permission';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { addPerson, type NewPerson } from '../../people/add-person';
import { changePerson } from '../../people/change-person';
import { markAsLeft, markAsReturned } from '../../people/mark-as-left';
import { listPeople, personStateOf } from '../../people/list-people';
import { filterOfQuery } from '../../people/people-filter';
import type { ApiCall } from './api-handler';

const { cases, people } = schema;

type Operations = typeof API_OPERATIONS;
type Answer<O extends keyof Operations> = Static<Operations[O]['answer']>;
type Body<O extends 'addPerson' | 'changePerson' | 'leavePerson' | 'sendAssessment'> = Static<
	Operations[O]['body']
>;

/** The list of people, as the audit log names it for programs. */
const LIST = 'people by a program';

async function detailsOf(db: Db, id: string): Promise<Answer<'getPerson'>> {
	const [row] = await db.select().from(people).where(eq(people.id, id));
	if (!row) throw new DomainError('not-found', 'noPerson');
	const { version, name, email, staffNumber, team, phone, country, region, timeZone, language } = row;
	return {
		id,
		version,
		...{ name, email, staffNumber, team, phone, country, region, timeZone, language },
		hasLeft: row.leftAt !== null,
		hasBounced: row.bouncedAt !== null
	};
}

/** A page of people. Reading it is logged, like the list of the desk. */
export async function peoplePage({ db, actor, query, now }: ApiCall<null>): Promise<Answer<'listPeople'>> {
	const cursor = query.get('cursor') ?? undefined;
	const { lines, next } = await listPeople(db, actor, { filter: filterOfQuery(query), cursor, now });
	await recordRead(db, actor, { act: 'list-read', list: LIST }, now);
	return {
		items: lines.map(({ id, name, email, team, country, staffNumber, state, hasLeft, hasBounced }) => ({
			...{ id, name, email, team, country, staffNumber, state, hasLeft, hasBounced }
		})),
		next
	};
}

/** One person's details. */
export async function readPerson({ db, actor, id, now }: ApiCall<null>): Promise<Answer<'getPerson'>> {
	requirePermission(actor, 'people:read');
	const details = await detailsOf(db, id);
	await recordRead(db, actor, { act: 'list-read', list: LIST }, now);
	return details;
}

export async function addByProgram({
	db,
	actor,
	body,
	now
}: ApiCall<Body<'addPerson'>>): Promise<Answer<'addPerson'>> {
	return detailsOf(db, await addPerson(db, actor, { team: '', ...body } as NewPerson, now));
}

/** Changes a person's details. */
export async function changeByProgram({
	db,
	actor,
	id,
	body,
	now
}: ApiCall<Body<'changePerson'>>): Promise<Answer<'changePerson'>> {
	await changePerson(db, actor, { id, ...body }, now);
	return detailsOf(db, id);
}

/** An act on one person with a key and nothing else. */
const markedBy =
	(mark: typeof markAsLeft) =>
	async ({
		db,
		actor,
		id: personId,
		body: { key },
		now
	}: ApiCall<Body<'leavePerson'>>): Promise<Answer<'leavePerson'>> => {
		await mark(db, actor, { key, personId, version: null }, now);
		return detailsOf(db, personId);
	};

/** Marks a person as left, and as returned. */
export const leaveByProgram = markedBy(markAsLeft);
export const returnByProgram = markedBy(markAsReturned);

async function stateOf(db: Db, personId: string) {
	const [newest] = await db.select().from(cases).where(eq(cases.personId, personId));
	return { ...personStateOf(newest ?? null), answeredAt: newest?.answeredAt?.toISOString() ?? null };
}

/** Sends a self-assessment. */
export async function sendByProgram({
	db,
	actor,
	id: personId,
	body: { key },
	now
}: ApiCall<Body<'sendAssessment'>>): Promise<Answer<'sendAssessment'>> {
	await sendAssessment(db, actor, { key, personId, version: null }, now);
	return { personId, state: (await stateOf(db, personId)).state };
}

/** A person's newest result. Reading it is logged as a look at their case. */
export async function readResult({
	db,
	actor,
	id: personId,
	now
}: ApiCall<null>): Promise<Answer<'getResult'>> {
	const reader = await requireCase(db, actor, personId, 'cases:read');
	const result = await newestAssessmentResult(db, personId);
	await recordRead(db, reader, { act: 'case-read', personId }, now);
	const { state, answeredAt } = await stateOf(db, personId);
	return { personId, state, answeredAt, result: result as Answer<'getResult'>['result'] };
}
