import { and, desc, eq } from 'drizzle-orm';
import { addWorkingDays } from '../../../core/platform/calendar/working-days';
import {
	canBeLent,
	EYE_TEST,
	PENDING_REQUEST_STATES,
	requestMoves,
	type RequestState
} from '../../../core/plan/equipment';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { runDeskAct, type DeskActContext } from '../../platform/acts/desk-act';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { writeEmail } from '../../platform/texts/write-email';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { queueLinkEmail } from '../../platform/email/queue-link-email';
import { parseCents } from '../../workforce/prices';
import { changeStock, requireFreeStock } from './store';
import { setManualFollowUp } from '../../cases/follow-ups/manual-follow-up';

const { assessments, equipmentRequests } = schema;

/** Working days after an item has arrived until a follow-up: time to set it up. Our assumption. */
const DAYS_TO_SET_UP = 5;

/** A decision on a request, as its page asked for it. */
export interface EquipmentDecision {
	readonly requestId: string;
	readonly to: RequestState;
	/** Why it is declined. */
	readonly reason: string;
	/** The supplier and their order number, and the price as typed. */
	readonly order?: {
		readonly supplier: string;
		readonly number: string;
		readonly cost: string;
		readonly currency: string;
	};
	/** Whether one in stock is reserved for it as it is approved. */
	readonly isReserved?: boolean;
	/** From stock: the ISO date until which it is lent, empty where it stays; left out for an ordered one. */
	readonly lent?: { readonly backBy: string };
	readonly version: number;
	readonly key: string;
	/** Names the press that decided on several at once: they are undone together. */
	readonly batch?: string;
}

/**
 * Moves a request on: approved, declined with a reason, ordered, sent, arrived, returned. The person is emailed that there is news, without
 * a word of what it is. When an item has arrived, a follow-up is set for a working week later, unless one is due sooner.
 */
export async function decideEquipment(
	db: Db,
	actor: Actor,
	input: EquipmentDecision,
	now: Date
): Promise<void> {
	requirePermission(actor, 'equipment:decide');
	await inTransaction(db, async (tx) => {
		const [whose] = await tx
			.select({ personId: assessments.personId })
			.from(equipmentRequests)
			.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
			.where(eq(equipmentRequests.id, input.requestId));
		if (!whose) throw new DomainError('not-found', 'noRequest');
		const act = {
			key: input.key,
			personId: whose.personId,
			version: null,
			kind: 'equipment-decided' as const,
			...(input.batch === undefined ? {} : { batch: input.batch })
		};
		await runDeskAct(tx, actor, act, now, (tools) => decideWithin(tools, actor, input, now));
	});
}

function orderOf({ supplier, number, cost, currency }: NonNullable<EquipmentDecision['order']>) {
	const costCents = parseCents(cost);
	return {
		supplier: supplier.trim(),
		orderNumber: number.trim(),
		costCents,
		currency: costCents === null ? '' : currency
	};
}

async function decideWithin(
	{ tx, rows, person }: DeskActContext,
	actor: Actor,
	input: EquipmentDecision,
	now: Date
): Promise<void> {
	const [request] = await tx
		.select()
		.from(equipmentRequests)
		.where(eq(equipmentRequests.id, input.requestId));
	if (!request) throw new DomainError('not-found', 'noRequest');
	if (request.version !== input.version || !requestMoves(request.purchase, request.state).includes(input.to))
		throw new DomainError('conflict', 'decidedMeanwhile');
	if (input.lent && !(input.to === 'sent' && canBeLent(request.purchase, request.state)))
		throw new DomainError('conflict', 'orderedAlready');
	const isReserving = input.isReserved === true && input.to === 'approved' && request.purchase !== EYE_TEST;
	// A reserved one is sent as promised; any other takes one that is promised to nobody.
	if (isReserving || (input.lent && !request.fromStore)) await requireFreeStock(tx, request.purchase);
	const reason = input.reason.trim();
	if (input.to === 'declined' && reason === '') throw new DomainError('invalid', 'sayWhyDeclined', '/reason');
	await rows.update(
		equipmentRequests,
		{
			state: input.to,
			reason: input.to === 'declined' ? reason : '',
			...(input.order ? orderOf(input.order) : {}),
			...(input.lent ? { fromStore: true, backBy: input.lent.backBy || null } : {}),
			...(isReserving ? { fromStore: true } : {}),
			// What is ordered or declined leaves the stock to others.
			...(input.to === 'ordered' || input.to === 'declined' ? { fromStore: false } : {}),
			...(PENDING_REQUEST_STATES.some((state) => state === input.to) ? {} : { deliverTo: '' }),
			changedAt: now,
			version: request.version + 1
		},
		eq(equipmentRequests.id, request.id)
	);
	if (input.lent) await changeStock(tx, rows, request.purchase, -1);
	// A returned item can be lent again, wherever it came from.
	if (input.to === 'returned') await changeStock(tx, rows, request.purchase, 1);
	if (input.to === 'arrived' && request.purchase !== EYE_TEST) {
		const { dayOf, calendar } = person.place;
		const due = addWorkingDays(dayOf(now), DAYS_TO_SET_UP, calendar);
		const look = { personId: person.id, due, reason: 'Equipment has arrived: check the workstation again' };
		await setManualFollowUp(rows, tx, look, now);
	}
	await queueLinkEmail(
		tx,
		person,
		{ page: '/messages', ...(await writeEmail(tx, 'equipment', person)) },
		now
	);
	const detail = { purchase: request.purchase, to: input.to };
	await writeAuditLine(tx, actor, { at: now, act: 'equipment-decided', personId: person.id, detail });
}

/** A person's requests with their states, newest first. */
export function equipmentOf(db: Db, personId: string) {
	return db
		.select({
			id: equipmentRequests.id,
			purchase: equipmentRequests.purchase,
			state: equipmentRequests.state,
			reason: equipmentRequests.reason,
			deliverTo: equipmentRequests.deliverTo,
			askedAt: equipmentRequests.askedAt,
			changedAt: equipmentRequests.changedAt,
			version: equipmentRequests.version
		})
		.from(equipmentRequests)
		.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
		.where(and(eq(assessments.personId, personId)))
		.orderBy(desc(equipmentRequests.askedAt));
}
