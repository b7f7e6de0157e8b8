import { and, eq, isNull, sql } from 'drizzle-orm';
import { readPurchases, type StoredPurchase } from '../../core/advice';
import { thingsAtHome } from '../../core/answers';
import type { AllocatedPurchase, PersonInNeed } from '../../core/budget';
import { PENDING_REQUEST_STATES, type RequestableItem, type RequestState } from '../../core/equipment';
import { PURCHASES, type PurchaseId } from '../../core/plan';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import type { Planner } from '../planning/planning';
import { parseCents, readPrices } from '../workforce/prices';
import { readStock } from './store';

const { assessments, equipmentRequests, observations, people, plans } = schema;

/** So much more money is looked at beside what is asked for, whole cents: "the next 100 would help …". */
const STEP_CENTS = 10_000;

/** People who get something that are shown, and that one act reaches. */
export const MAX_PEOPLE_SHOWN = 200;

/** What a budget is asked for. */
export interface BudgetFilter {
	/** As it was typed; empty before anything was. */
	readonly money: string;
	/** Only people of this team; everybody where it is empty. */
	readonly team: string;
}

/** The filter of an address; what can't be one narrows nothing. */
export function budgetFilterOf(query: URLSearchParams): BudgetFilter {
	const field = (name: string) => (query.get(name) ?? '').replaceAll('\0', '').slice(0, 100);
	return { money: field('money'), team: field('team') };
}

/** What was asked for at the corner that someone was judged by last. */
type Asked = readonly { readonly purchase: RequestableItem; readonly state: RequestState }[];

/** Someone whose corner stays open for want of something that is sold. */
interface Candidate extends PersonInNeed {
	readonly name: string;
	readonly team: string;
}

/** Once someone decided on it, or it is there, the money is spent: who waits for one thing is looked at again when it has come. */
const SPENT: readonly RequestState[] = [
	...PENDING_REQUEST_STATES.filter((state) => state !== 'asked'),
	'arrived'
];

/**
 * Who stays in need of something that is sold, and how many of them wait for a thing already.
 *
 * Cost: the newest observation of everybody (partial index), and one look-up each of answers, plan and requests for those whose corner
 * stays open: some tens of thousands of rows where a hundred thousand have answered.
 */
async function inNeed(db: Db, team: string): Promise<{ people: Candidate[]; waiting: number }> {
	const rows = await db
		.select({
			personId: people.id,
			name: people.name,
			team: people.team,
			worst: sql<number>`coalesce(${observations.worst}, 0)`,
			purchases: sql<readonly StoredPurchase[]>`${plans.advice} -> 'purchases'`,
			devices: sql<Record<string, string>>`(
				select coalesce(jsonb_object_agg(f.key, f.value), '{}'::jsonb)
				from ${assessments} h, jsonb_each(h.answers) f
				where h.id = ${plans.assessmentId} and f.key like 'device.%')`,
			asked: sql<Asked | null>`(
				select jsonb_agg(jsonb_build_object('purchase', r.purchase, 'state', r.state))
				from ${equipmentRequests} r where r.assessment_id = ${plans.assessmentId})`
		})
		.from(observations)
		.innerJoin(people, and(eq(people.id, observations.personId), isNull(people.leftAt)))
		.innerJoin(
			plans,
			and(
				isNull(plans.endedAt),
				// The newest answers alone, by assessments_person_idx.
				sql`${plans.assessmentId} = (
					select a.id from assessments a
					where a.person_id = ${people.id} and a.spot_of is null and a.answered_at is not null
					order by a.sent_at desc limit 1)`
			)
		)
		.where(
			and(
				isNull(observations.untilDay),
				observations.staysOpen,
				team === '' ? undefined : eq(people.team, team),
				sql`jsonb_path_exists(${plans.advice}, '$.purchases[*] ? (@.purchases.size() > 0)')`
			)
		);
	const waits = (asked: Asked | null) => asked?.some(({ state }) => SPENT.includes(state)) ?? false;
	return {
		people: rows
			.filter(({ asked }) => !waits(asked))
			.map(({ asked, purchases, devices, ...row }) => {
				const declined = (asked ?? [])
					.filter(({ state }) => state === 'declined')
					.map(({ purchase }) => purchase);
				return {
					...row,
					own: PURCHASES.filter((thing) => thingsAtHome(devices).includes(thing)),
					purchases: readPurchases(purchases).filter(
						(kept) => !kept.purchases.some((thing) => declined.includes(thing))
					)
				};
			}),
		waiting: rows.filter(({ asked }) => waits(asked)).length
	};
}

/** How many of each thing some purchases are, in the order of {@link PURCHASES}. */
function counted(bought: readonly AllocatedPurchase[]): { thing: PurchaseId; n: number }[] {
	return PURCHASES.map((thing) => ({
		thing,
		n: bought.filter(({ things }) => things.includes(thing)).length
	})).filter(({ n }) => n > 0);
}

/** Money as it was typed: whole cents, null where nothing was, and why it can't be read. */
function moneyIn(typed: string): { cents: number | null; unread: DomainError | null } {
	try {
		return { cents: parseCents(typed), unread: null };
	} catch (thrown) {
		if (thrown instanceof DomainError) return { cents: null, unread: thrown };
		throw thrown;
	}
}

/** The purchases that close most for a budget, with whom they are for; solved in a thread of its own. Says why where its money can't be read. */
export async function planBudget(db: Db, planning: Planner, actor: Actor, { money, team }: BudgetFilter) {
	requirePermission(actor, 'equipment:read');
	const [prices, store] = await Promise.all([readPrices(db), readStock(db)]);
	const currency = prices[0]?.currency ?? null;
	const { cents, unread } = moneyIn(money);
	if (cents === null || currency === null) return { currency, unread, plan: null };
	const { people: candidates, waiting } = await inNeed(db, team);
	const question = {
		people: candidates.map(({ personId, worst, purchases, own }) => ({ personId, worst, purchases, own })),
		prices: new Map(prices.map(({ purchase, cents: each }) => [purchase, each])),
		cents,
		stock: new Map(
			PURCHASES.map(
				(thing) => [thing, store.find((one) => one.thing === thing)?.onHand ?? 0] as const
			).filter(([, n]) => n > 0)
		),
		stepCents: STEP_CENTS
	};
	const { best, all, helpedByStep } = await planning.spend(question);
	const of = new Map(candidates.map((one) => [one.personId, one]));
	const named = (ids: readonly string[]) =>
		ids.map((personId) => ({ personId, name: of.get(personId)?.name ?? '' }));
	const lines = best.bought.map((bought) => {
		const person = of.get(bought.personId);
		return { ...bought, name: person?.name ?? '', team: person?.team ?? '', worst: person?.worst ?? 0 };
	});
	return {
		currency,
		unread,
		plan: {
			cents,
			waiting,
			spent: best.cents,
			closes: best.closes,
			people: lines.length,
			lines: lines.slice(0, MAX_PEOPLE_SHOWN),
			things: counted(best.bought).map((one) => ({
				...one,
				each: question.prices.get(one.thing) ?? 0,
				fromStock: best.bought.filter(({ fromStock }) => fromStock.includes(one.thing)).length
			})),
			isProven: best.isProven,
			tied: named(best.tied),
			step: { cents: STEP_CENTS, people: named(helpedByStep) },
			all: { cents: all.cents, closes: all.closes, people: all.bought.length }
		}
	};
}
