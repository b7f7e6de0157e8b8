import { sql } from 'drizzle-orm';
import { readPurchases, type StoredPurchase } from '../../../core/plan/advice/read-advice';
import type { PurchaseSummary } from '../../../core/plan/advice/advise-corner';
import type { AllocatedPurchase } from '../../../core/plan/budget/best-purchases';
import type { LeftOut } from '../../../core/plan/budget/needs';
import { PENDING_REQUEST_STATES, type RequestState } from '../../../core/plan/equipment';
import { PURCHASES } from '../../../core/plan/purchases';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import type { Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import type { Planner, SomeOf } from '../planning/planning';
import { parseCents, readPrices } from '../../workforce/prices';
import { readStock } from './store';

/** Additional money considered beyond the budget, whole cents: "the next 100 would help …". */
const STEP_CENTS = 10_000;

/** Most people who are shown as getting something, and who are reached by one act. */
export const MAX_PEOPLE_SHOWN = 200;

/** Most people named of those who are as close to getting something; the rest are counted. */
const MOST_NAMED = 6;

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

/** What people requested at the workstation of their newest answers: they wait for something, or it was declined. Cost: a look-up each. */
async function readLeftOut(db: Db): Promise<LeftOut> {
	const { rows } = await db.execute<{ id: string; waits: boolean; declined: readonly string[] | null }>(sql`
		select a.person_id as id, bool_or(r.state = any(${sql.param(SPENT)}::text[])) as waits,
			array_agg(r.purchase) filter (where r.state = 'declined') as declined
		from equipment_requests r join assessments a on a.id = r.assessment_id
		-- By assessments_person_idx.
		where a.id = (select n.id from assessments n where n.person_id = a.person_id and n.place_of is null
			and n.answered_at is not null order by n.sent_at desc limit 1)
		group by a.person_id`);
	return {
		waiting: new Set(rows.filter(({ waits }) => waits).map(({ id }) => id)),
		declined: new Map(rows.flatMap(({ id, declined }) => (declined ? [[id, declined] as const] : [])))
	};
}

/**
 * People in need with what could be bought for them, as a text for the thread that solves it: as rows, a quarter of a million people would keep this one busy.
 * Cost: one pass over everybody in need, half a second for a quarter of a million.
 */
async function readOffers(db: Db, team: string): Promise<string> {
	const { rows } = await db.execute<{ needs: string | null }>(sql`
		select string_agg(n.person_id || ' ' || n.worst || ' ' || n.offers, E'\n') as needs
		from purchase_needs n where n.person_id not in (select id from people where left_at is not null)
			and ${team === '' ? sql`true` : sql`n.person_id in (select id from people where team = ${team})`}`);
	return rows[0]?.needs ?? '';
}

/** What is shown of a person who gets something. */
interface Shown {
	readonly name: string;
	readonly team: string;
	readonly worst: number;
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
			coalesce((select n.worst from purchase_needs n where n.person_id = p.id), 0)::int as worst,
			(select l.advice -> 'purchases' from plans l where l.ended_at is null and l.assessment_id = (
				select a.id from assessments a where a.person_id = p.id and a.place_of is null and a.answered_at is not null
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
	const [needs, leftOut] = await Promise.all([readOffers(db, team), readLeftOut(db)]);
	const { best, all, waiting, helpedByStep } = await planning.allocateBudget({
		needs,
		leftOut,
		prices: priceOf,
		cents,
		stock: new Map(
			PURCHASES.map((thing) => [thing, store.find((one) => one.thing === thing)?.free ?? 0] as const).filter(
				([, n]) => n > 0
			)
		),
		stepCents: STEP_CENTS,
		mostLines: MAX_PEOPLE_SHOWN,
		mostNamed: MOST_NAMED
	});
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
