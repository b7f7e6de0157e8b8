import { and, desc, eq } from 'drizzle-orm';
import { addWorkingDays, civilDate } from '../../core/calendar';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { isoDay } from '../clock';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { setFollowUpWithin } from '../follow-ups/set-follow-up';
import { workCalendarOf } from '../people/work-calendar-of';
import { refreshCase } from './refresh-case';

const { assessments, equipmentRequests, people } = schema;

/** Where a request for equipment stands. */
export type RequestState = (typeof equipmentRequests.$inferSelect)['state'];

/** What may follow what. */
export const NEXT_STATES: Readonly<Record<RequestState, readonly RequestState[]>> = {
	asked: ['approved', 'declined'],
	approved: ['sent', 'declined'],
	declined: ['asked'],
	sent: ['arrived'],
	arrived: []
};

/** Working days after a thing has arrived until the corner is looked at again: time to set it up. Ours. */
const DAYS_TO_SET_UP = 5;

const CHANGED =
	'Somebody else decided on this meanwhile. What they decided is shown; change it if yours still stands.';

/**
 * Moves a request on: approved, declined with a reason, sent, arrived. When a thing has arrived, a look at the corner with
 * it is set for a working week later, unless one is due sooner.
 */
export async function decideEquipment(
	db: Db,
	actor: Actor,
	input: { requestId: string; to: RequestState; reason: string; version: number },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const [row] = await tx
			.select({ request: equipmentRequests, person: people })
			.from(equipmentRequests)
			.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
			.innerJoin(people, eq(people.id, assessments.personId))
			.where(eq(equipmentRequests.id, input.requestId))
			.for('update', { of: equipmentRequests });
		if (!row) throw new Fault('not-found', 'This request is not there any more.');
		const { request, person } = row;
		if (request.version !== input.version) throw new Fault('conflict', CHANGED);
		if (!NEXT_STATES[request.state].includes(input.to)) throw new Fault('conflict', CHANGED);
		const reason = input.reason.trim();
		if (input.to === 'declined' && reason === '')
			throw new Fault('invalid', 'Say why it is declined: the person reads it.', '/reason');
		await tx
			.update(equipmentRequests)
			.set({
				state: input.to,
				reason: input.to === 'declined' ? reason : '',
				changedAt: now,
				version: request.version + 1
			})
			.where(eq(equipmentRequests.id, request.id));
		if (input.to === 'arrived') {
			const today = civilDate(isoDay(now, person.timeZone || 'UTC'));
			if (today)
				await setFollowUpWithin(
					tx,
					actor,
					{
						personId: person.id,
						due: addWorkingDays(today, DAYS_TO_SET_UP, workCalendarOf(person.country)),
						reason: 'Equipment has arrived: look at the corner again'
					},
					now
				);
		}
		await refreshCase(tx, person.id, now);
		const detail = { purchase: request.purchase, to: input.to };
		await writeAuditLine(tx, actor, { at: now, act: 'equipment-decided', personId: person.id, detail });
	});
}

/** What a person has asked for, with where it stands; newest first. */
export function equipmentOf(db: Db, personId: string) {
	return db
		.select({
			id: equipmentRequests.id,
			purchase: equipmentRequests.purchase,
			state: equipmentRequests.state,
			reason: equipmentRequests.reason,
			askedAt: equipmentRequests.askedAt,
			changedAt: equipmentRequests.changedAt,
			version: equipmentRequests.version
		})
		.from(equipmentRequests)
		.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
		.where(and(eq(assessments.personId, personId)))
		.orderBy(desc(equipmentRequests.askedAt));
}
