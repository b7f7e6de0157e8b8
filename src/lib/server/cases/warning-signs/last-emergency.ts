import { and, desc, eq, gte, inArray } from 'drizzle-orm';
import { EMERGENCY_RED_FLAGS, type EmergencyClearance } from '../../../core/cases/discomfort/red-flags';
import { isoDay } from '../../platform/clock';
import { schema, type Db } from '../../platform/db/client';
import { readPersonPlace } from '../../people/lock-person';

const { reportedSigns, signLifts } = schema;

/** An emergency that is over as far as a person's pages go. */
export interface PastEmergency {
	readonly at: Date;
	/** Its civil date at the person's place. */
	readonly on: string;
	/** What the person said of it; null where the coordinator has recorded its outcome instead. */
	readonly how: EmergencyClearance | null;
}

/**
 * The newest emergency sign that a person reported, with what they said of it since; null where there was none. For pages that are open
 * again: it doesn't say whether it is. Two look-ups, by reported_signs_person_idx and sign_lifts_person_idx.
 */
export async function lastEmergency(db: Db, personId: string): Promise<PastEmergency | null> {
	const [reported] = await db
		.select({ at: reportedSigns.at })
		.from(reportedSigns)
		.where(and(eq(reportedSigns.personId, personId), inArray(reportedSigns.sign, [...EMERGENCY_RED_FLAGS])))
		.orderBy(desc(reportedSigns.at))
		.limit(1);
	if (!reported) return null;
	const [lift] = await db
		.select({ how: signLifts.how })
		.from(signLifts)
		.where(and(eq(signLifts.personId, personId), gte(signLifts.at, reported.at)))
		.orderBy(desc(signLifts.at))
		.limit(1);
	const person = await readPersonPlace(db, personId);
	return {
		at: reported.at,
		on: person?.place.dayOf(reported.at) ?? isoDay(reported.at, 'UTC'),
		how: lift?.how ?? null
	};
}
