import { and, eq, inArray } from 'drizzle-orm';
import { EYE_TEST, PENDING_REQUEST_STATES } from '../../../core/plan/equipment';
import { eyeTestFor, howToHaveEyeTest } from '../../../core/platform/organisation-settings/eye-tests';
import type { OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { requirePerson } from '../../people/lock-person';
import { ownItemNames } from '../../platform/organisation-settings/own-items';
import { readSettings } from '../../platform/organisation-settings/read-settings';
import { equipmentOf } from './decide-equipment';

const { assessments, equipmentRequests } = schema;

/** Longest delivery address, characters. */
export const DELIVERY_ADDRESS_LENGTH = 300;

/** Requests of whoever holds a link, with the names of added items, and where they are sent. */
export async function ownRequests(db: Db, { actor, language, country }: OpenAssessment) {
	const requests = await equipmentOf(db, actor.personId);
	const pending = requests.filter(
		({ purchase, state }) => purchase !== EYE_TEST && PENDING_REQUEST_STATES.some((one) => one === state)
	);
	const tests = requests.filter(({ purchase }) => purchase === EYE_TEST);
	const { settings } = await readSettings(db, 'eye-tests');
	const entitlement = eyeTestFor(settings, country);
	return {
		/** What they are entitled to; null for nothing. */
		eyeTest: entitlement && {
			law: entitlement.law,
			everyMonths: entitlement.everyMonths,
			howTo: howToHaveEyeTest(entitlement, language),
			isAsked: tests.some(({ state }) => state === 'asked' || state === 'approved'),
			doneAt: tests.find(({ state }) => state === 'arrived')?.changedAt ?? null
		},
		requests: requests.map(({ purchase, state, reason }) => ({ purchase, state, reason })),
		names: await ownItemNames(db, language),
		isWaiting: pending.length > 0,
		deliverTo: pending.find(({ deliverTo }) => deliverTo !== '')?.deliverTo ?? ''
	};
}

/** Records where everything that a person still waits for is sent; an empty address removes it. */
export async function setDeliveryAddress(
	db: Db,
	{ actor: { personId } }: OpenAssessment,
	deliverTo: string
): Promise<void> {
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, personId);
		const own = tx.select({ id: assessments.id }).from(assessments).where(eq(assessments.personId, personId));
		await tx
			.update(equipmentRequests)
			.set({ deliverTo: deliverTo.trim() })
			.where(
				and(
					inArray(equipmentRequests.assessmentId, own),
					inArray(equipmentRequests.state, [...PENDING_REQUEST_STATES])
				)
			);
	});
}
