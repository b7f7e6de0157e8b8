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

/** Additional money considered beyond the budget, whole cents: "the next 100 would help …". */
const STEP_CENTS = 10_000;

/** Most people who are shown as getting something, and whom one act reaches. */
export const MAX_PEOPLE_SHOWN = 200;

/** What a budget is made for. */
export interface BudgetFilter {
	/** As typed; empty at first. */
	readonly money: string;
	/** Only people of this team; everyone where empty. */
	readonly team: string;
}

/** The filter in a URL; an unreadable value filters nothing. */
export function budgetFilterOf(query: URLSearchParams): BudgetFilter {
	const field = (name: string) => (query.get(name) ?? '').replaceAll('\0', '').slice(0, 100);
	return { money: field('money'), team: field('team') };
}

/** What was requested at the workstation that someone was last assessed by. */
type Asked = readonly { readonly purchase: RequestableItem; readonly state: RequestState }[];

/** A person whose workstation keeps a gap that a purchase would close. */
interface Candidate extends PersonInNeed {
	readonly name: string;
	readonly team: string;
}

/** Once a request was decided on, or the item is there, the money is spent: the person is considered again when it has arrived. */
const SPENT: readonly RequestState[] = [
	...PENDING_REQUEST_STATES.filter((state) => state !== 'asked'),
	'arrived'
];

/**
 * People with a gap that a purchase would close, and how many of them are already waiting for an item. Cost: everyone's newest observation
 * (partial index), and one look-up each of answers, plan and requests for people with such a gap: some tens of thousands of rows where a
 * hundred thousand have answered.
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
				// Only the newest answers, by assessments_person_idx.
				sql`${plans.assessmentId} = (
					select a.id from assessments a
					where a.person_id = ${people.id} and a.spot_of is null and a.answered_at is not null
					order by a.sent_at desc limit 1)`
			)
		)
		.where(
			and(
				isNull(observations.untilDay),
				eq(observations.heightsAfter, 'off'),
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

/** The number of each item among some purchases, in the order of {@link PURCHASES}. */
function counted(bought: readonly AllocatedPurchase[]): { thing: PurchaseId; n: number }[] {
	return PURCHASES.map((thing) => ({
		thing,
		n: bought.filter(({ things }) => things.includes(thing)).length
	})).filter(({ n }) => n > 0);
}

/** An amount as typed: whole cents, null where empty, and why it is unreadable. */
function moneyIn(typed: string): { cents: number | null; unread: DomainError | null } {
	try {
		return { cents: parseCents(typed), unread: null };
	} catch (thrown) {
		if (thrown instanceof DomainError) return { cents: null, unread: thrown };
		throw thrown;
	}
}

/**
 * The purchases that close most for a budget, with the people they are for; solved in a thread of its own. Says so where the amount is
 * unreadable.
 */
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
			PURCHASES.map((thing) => [thing, store.find((one) => one.thing === thing)?.free ?? 0] as const).filter(
				([, n]) => n > 0
			)
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
