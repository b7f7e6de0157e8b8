import { and, asc, eq, inArray, isNotNull, sql } from 'drizzle-orm';
import type { PurchaseId } from '../src/lib/core/plan/purchases';
import type { Actor } from '../src/lib/server/platform/actor';
import { postponeCase, setOwner } from '../src/lib/server/cases/case-owner';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import { reassessCase } from '../src/lib/server/cases/case-assessments/reassess-cases';
import { lockPerson } from '../src/lib/server/people/lock-person';
import { isoDay } from '../src/lib/server/platform/clock';

const { cases, equipmentRequests, people } = schema;

const DAY_MS = 86_400_000;

/** Someone whose workstation one purchase would improve. */
interface Wish {
	readonly personId: string;
	readonly assessmentId: string;
	readonly wish: PurchaseId;
}

/** People for whom a single purchase closes a gap, a different one from person to person. */
export async function peopleWithWishes(db: Db): Promise<Wish[]> {
	const { rows } = await db.execute<{ personId: string; assessmentId: string; wish: PurchaseId }>(sql`
		select person_id as "personId", assessment_id as "assessmentId", wish from (
			select a.person_id, a.id as assessment_id, w.wish, row_number() over (partition by w.wish order by e.email) as turn
			from plans p join assessments a on a.id = p.assessment_id and a.place_of is null join people e on e.id = a.person_id and e.left_at is null
				join cases c on c.person_id = a.person_id and c.answered_at = a.answered_at,
				lateral (select jsonb_path_query_first(p.advice -> 'purchases',
					'$[*] ? (@.closes.size() > 0 && @.purchases.size() == 1).purchases[0]') #>> '{}' as wish) w
			where p.ended_at is null and w.wish is not null) t
		order by turn, wish limit 30`);
	return rows;
}

/** Things further along than requested: the supplier (invented), and for how many days. */
const UNDER_WAY = [
	{ state: 'ordered', supplier: 'Bracken Supplies', orderNumber: 'BS-20417', days: 4 },
	{ state: 'ordered', supplier: 'Bracken Supplies', orderNumber: 'BS-20417', days: 4 },
	{ state: 'approved', supplier: '', orderNumber: '', days: 2 },
	{ state: 'returned', supplier: 'the store room', orderNumber: '', days: 9 }
] as const;

/** Puts things on order for people who would be helped by them. */
export async function seedBoard(db: Db, wishes: readonly Wish[], now: Date): Promise<void> {
	for (const [i, { days, ...request }] of UNDER_WAY.entries()) {
		const of = wishes[i];
		if (!of) return;
		const at = new Date(now.getTime() - days * DAY_MS);
		await db.transaction(async (tx) => {
			await lockPerson(tx, of.personId);
			await tx.insert(equipmentRequests).values({
				...request,
				purchase: of.wish,
				assessmentId: of.assessmentId,
				askedAt: new Date(at.getTime() - 3 * DAY_MS),
				changedAt: at
			});
			await reassessCase(tx, of.personId, at);
		});
	}
}

/** Divides the open cases between two coordinators, and postpones two that can wait. */
export async function seedOwners(
	db: Db,
	coordinators: readonly (Actor & { kind: 'user' })[],
	now: Date
): Promise<void> {
	const yesterday = new Date(now.getTime() - DAY_MS);
	const open = await db
		.select({ personId: cases.personId, level: cases.level })
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.where(and(isNotNull(cases.openSince), inArray(cases.level, ['soon', 'help', 'home'])))
		.orderBy(asc(people.email));
	for (const [i, { personId }] of open.entries()) {
		const owner = coordinators[i % 3];
		// Every third case belongs to nobody in particular.
		if (!owner) continue;
		const input = { key: crypto.randomUUID(), personId, version: null, ownerId: owner.id };
		await setOwner(db, owner, input, yesterday);
	}
	const [by] = coordinators;
	if (!by) return;
	const until = isoDay(new Date(now.getTime() + 9 * DAY_MS), 'UTC');
	const waiting = await db
		.select({ personId: cases.personId })
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.where(and(isNotNull(cases.openSince), eq(cases.level, 'home')))
		.orderBy(asc(people.email))
		.limit(2);
	for (const { personId } of waiting) {
		const input = {
			key: crypto.randomUUID(),
			personId,
			version: null,
			until,
			reason: 'on holiday until then'
		};
		await postponeCase(db, by, input, yesterday);
	}
}
