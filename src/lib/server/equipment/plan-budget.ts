import { sql } from 'drizzle-orm';
import { readPurchases, type PurchaseSummary, type StoredPurchase } from '../../core/advice';
import {
	WORTH_WITHOUT_DISCOMFORT,
	type AllocatedPurchase,
	type PersonInNeed,
	type PurchaseOffer,
	type Stock
} from '../../core/budget';
import { PENDING_REQUEST_STATES, type RequestState } from '../../core/equipment';
import { PURCHASES, type PurchaseId } from '../../core/plan';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import type { Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import type { BudgetQuestion, Planner, SomeOf } from '../planning/planning';
import { parseCents, readPrices } from '../workforce/prices';
import { readStock } from './store';

/** Additional money considered beyond the budget, whole cents: "the next 100 would help …". */
const STEP_CENTS = 10_000;

/** Most people who are shown as getting something, and whom one act reaches. */
export const MAX_PEOPLE_SHOWN = 200;

/** Most people named of those who are as close to getting something; the rest are counted. */
const MOST_NAMED = 6;

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

/** Once a request was decided on, or the item is there, the money is spent: the person is considered again when it has arrived. */
const SPENT: readonly RequestState[] = [
	...PENDING_REQUEST_STATES.filter((state) => state !== 'asked'),
	'arrived'
];

/** What was requested by people at the workstation of their newest answers: whether they wait for something, and what was declined. */
const requested = sql`select a.person_id, bool_or(r.state = any(${sql.param(SPENT)}::text[])) as waits,
		array_agg(r.purchase) filter (where r.state = 'declined') as declined
	from equipment_requests r join assessments a on a.id = r.assessment_id
	-- By assessments_person_idx.
	where a.id = (select n.id from assessments n where n.person_id = a.person_id and n.spot_of is null
		and n.answered_at is not null order by n.sent_at desc limit 1)
	group by a.person_id`;

/** Memory for everybody's purchases, some hundred megabytes for a million people: with PostgreSQL's default of 4 MB they would be sorted on disk. */
const NEED_MEMORY = '128MB';

/** Money for so much more than there is decides who is handed over to be solved: what doesn't fit exactly is exchanged among them. */
const MARGIN = 1.5;

/** People in need, as far as the money could reach, and everybody's needs in numbers. */
interface Needs extends Pick<BudgetQuestion, 'people' | 'restPerCent'> {
	/** People who are already waiting for an item. */
	readonly waiting: number;
	/** The most valuable purchase of each person, and the cheapest of those, as if money were no matter. */
	readonly all: { readonly cents: number; readonly closes: number; readonly people: number };
}

interface NeedsRow extends Record<string, unknown> {
	readonly waiting: number;
	readonly restPerCent: number | null;
	readonly picked:
		| readonly (Omit<PersonInNeed, 'offers'> & { readonly offers: readonly OfferRow[] })[]
		| null;
	readonly cents: string | null;
	readonly closes: number | null;
	readonly people: number;
	readonly used: Readonly<Record<string, number>> | null;
}

interface OfferRow extends Omit<PurchaseOffer, 'things'> {
	readonly thing: PurchaseId;
	readonly other: PurchaseId | null;
}

/**
 * Ranks people by what their purchases are worth for a cent and hands over as many as the money could be for; of all others only sums are
 * read. Cost: one pass over the purchases of everybody in need, and over all requests; a second where a quarter of a million are.
 * @param reach whole cents that are surely enough for those who are handed over; everybody is where null
 */
async function inNeed(db: Db, team: string, reach: number | null, stock: Stock): Promise<Needs> {
	const { rows } = await inTransaction(db, async (tx) => {
		await tx.execute(sql.raw(`set local work_mem = '${NEED_MEMORY}'`));
		return tx.execute<NeedsRow>(sql`
			with requested as (${requested}),
			here as (select o.*, q.waits, q.declined from purchase_offers o join people p on p.id = o.person_id and p.left_at is null
					and ${team === '' ? sql`true` : sql`p.team = ${team}`}
				left join requested q on q.person_id = o.person_id),
			priced as materialized (
				select h.person_id, h.place, h.thing, h.other, h.closes, h.saves_w, h.worst,
					h.saves_w::bigint * (${WORTH_WITHOUT_DISCOMFORT}::int + h.worst) as worth, a.cents + coalesce(b.cents, 0) as cents
				from here h join purchase_prices a on a.purchase = h.thing left join purchase_prices b on b.purchase = h.other
				where h.waits is not true and (h.other is null or b.cents is not null) and a.cents + coalesce(b.cents, 0) > 0
					and (h.declined is null or not h.declined && array[h.thing, h.other])),
			ranked as (
				select person_id, per_cent, sum(least) over (order by per_cent desc, person_id rows unbounded preceding) - least as before
				from (select person_id, max(worth::float8 / cents) as per_cent, min(cents)::bigint as least from priced group by 1) e),
			best as (select distinct on (person_id) thing, other, closes, cents from priced order by person_id, worth desc, cents, place),
			reached as (select person_id from ranked where ${reach === null ? sql`true` : sql`before <= ${reach}::bigint`})
			select (select count(distinct person_id)::int from here where waits) as waiting,
				(select max(per_cent) from ranked where ${reach === null ? sql`false` : sql`before > ${reach}::bigint`}) as "restPerCent",
				(select jsonb_agg(o) from (select jsonb_build_object('personId', person_id, 'worst', max(worst), 'offers',
						jsonb_agg(jsonb_build_object('thing', thing, 'other', other, 'closes', closes, 'savesW', saves_w) order by place)) as o
					from priced where person_id in (select person_id from reached) group by person_id order by person_id) e) as picked,
				(select sum(cents) from best) as cents, (select sum(cardinality(closes))::int from best) as closes,
				(select count(*)::int from best) as people,
				(select jsonb_object_agg(thing, n) from (select t as thing, count(*) as n
					from best, unnest(array_remove(array[thing, other], null)) t group by 1) e) as used`);
	});
	const [row] = rows;
	if (!row) throw new Error('A statement of sums gave no row');
	const prices = await readPrices(db);
	// Whoever gets what is in stock, it saves the same.
	const saved = prices.reduce(
		(sum, { purchase, cents }) => sum + cents * Math.min(stock.get(purchase) ?? 0, row.used?.[purchase] ?? 0),
		0
	);
	return {
		waiting: row.waiting,
		restPerCent: row.restPerCent ?? -1,
		people: (row.picked ?? []).map(({ personId, worst, offers }) => ({
			personId,
			worst,
			offers: offers.map(({ thing, other, ...offer }) => ({
				...offer,
				things: other === null ? [thing] : [thing, other]
			}))
		})),
		all: { cents: Number(row.cents ?? 0) - saved, closes: row.closes ?? 0, people: row.people }
	};
}

/** What is shown of a person who gets something. */
interface Shown {
	readonly name: string;
	readonly team: string;
	readonly worst: number;
	/** The purchases worked out for the plan in use. */
	readonly purchases: readonly PurchaseSummary[];
}

interface ShownRow extends Omit<Shown, 'purchases'>, Record<string, unknown> {
	readonly id: string;
	readonly purchases: readonly StoredPurchase[] | null;
}

/** Reads what is shown of people: a few index look-ups each, for those of one page. */
async function shownOf(db: Db, ids: readonly string[]): Promise<Map<string, Shown>> {
	const { rows } = await db.execute<ShownRow>(sql`
		select p.id, p.name, p.team,
			coalesce((select max(o.worst) from purchase_offers o where o.person_id = p.id), 0)::int as worst,
			(select l.advice -> 'purchases' from plans l where l.ended_at is null and l.assessment_id = (
				select a.id from assessments a where a.person_id = p.id and a.spot_of is null and a.answered_at is not null
				order by a.sent_at desc limit 1)) as purchases
		from people p where p.id = any(${sql.param([...ids])}::uuid[])`);
	return new Map(
		rows.map(({ id, name, team, worst, purchases }) => [
			id,
			{ name, team, worst, purchases: readPurchases(purchases ?? []) }
		])
	);
}

/** How far each check is off before and after, with what is bought and what lies at home already. */
function changesBy({ things, closes }: AllocatedPurchase, purchases: readonly PurchaseSummary[]) {
	const fitting = purchases
		.filter((one) => things.every((thing) => one.purchases.includes(thing)))
		.sort((a, b) => a.purchases.length - b.purchases.length);
	return (fitting.find((one) => String(one.closes) === String(closes)) ?? fitting[0])?.changes ?? [];
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
	const priceOf = new Map(prices.map(({ purchase, cents: each }) => [purchase, each]));
	const stock: Stock = new Map(
		PURCHASES.map((thing) => [thing, store.find((one) => one.thing === thing)?.free ?? 0] as const).filter(
			([, n]) => n > 0
		)
	);
	const inStock = [...stock].reduce((sum, [thing, n]) => sum + n * (priceOf.get(thing) ?? 0), 0);
	const solve = async (reach: number | null) => {
		const { waiting, all, ...needs } = await inNeed(db, team, reach, stock);
		const answer = await planning.spend({
			...needs,
			prices: priceOf,
			cents,
			stock,
			stepCents: STEP_CENTS,
			mostLines: MAX_PEOPLE_SHOWN,
			mostNamed: MOST_NAMED
		});
		return { waiting, all, ...answer };
	};
	const reached = await solve(Math.round(MARGIN * (cents + STEP_CENTS + inStock)));
	const { waiting, all, best, helpedByStep } = reached.isComplete ? reached : await solve(null);
	const shown = await shownOf(db, [
		...best.lines.map(({ personId }) => personId),
		...best.tied.first,
		...helpedByStep.first
	]);
	const named = ({ n, first }: SomeOf) => ({
		n,
		first: first.map((personId) => ({ personId, name: shown.get(personId)?.name ?? '' }))
	});
	return {
		currency,
		unread,
		plan: {
			cents,
			waiting,
			spent: best.cents,
			closes: best.closes,
			people: best.people,
			lines: best.lines.map((line) => {
				const { purchases = [], ...person } = shown.get(line.personId) ?? { name: '', team: '', worst: 0 };
				return { ...line, ...person, changes: changesBy(line, purchases) };
			}),
			things: best.things.map((one) => ({ ...one, each: priceOf.get(one.thing) ?? 0 })),
			proof: best.proof,
			mostMissed: best.mostMissed,
			tied: named(best.tied),
			step: { cents: STEP_CENTS, people: named(helpedByStep) },
			all
		}
	};
}
