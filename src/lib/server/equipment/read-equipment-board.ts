import { and, asc, desc, eq, inArray, isNull, sql, type SQL } from 'drizzle-orm';
import { readPurchases, type AdviceSummary, type StoredPurchase } from '../../core/advice';
import type { CheckId } from '../../core/checks';
import type { FindingId } from '../../core/checklist';
import {
	REQUESTABLE_ITEMS,
	findingsHelpedBy,
	REQUEST_STATES,
	PENDING_REQUEST_STATES,
	type RequestableItem,
	type RequestState
} from '../../core/equipment';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { readStock } from './store';
import { readPrices } from '../workforce/prices';

const { assessments, equipmentRequests, observations, people, plans } = schema;

/** Most lines on the board; the number of further ones is shown. */
const MOST_LINES = 200;

/** The board's filter; empty texts filter nothing. Without a state it shows requests in progress. */
export interface EquipmentFilter {
	readonly state: RequestState | '';
	readonly purchase: RequestableItem | '';
	readonly team: string;
}

/** The filter in a URL; an unreadable value filters nothing. */
export function equipmentFilterOf(query: URLSearchParams): EquipmentFilter {
	return {
		state: REQUEST_STATES.find((one) => one === query.get('state')) ?? '',
		purchase: REQUESTABLE_ITEMS.find((one) => one === query.get('purchase')) ?? '',
		team: (query.get('team') ?? '').replaceAll('\0', '').slice(0, 100)
	};
}

function whereOf({ state, purchase, team }: EquipmentFilter): SQL | undefined {
	return and(
		inArray(equipmentRequests.state, state === '' ? [...PENDING_REQUEST_STATES] : [state]),
		purchase === '' ? undefined : eq(equipmentRequests.purchase, purchase),
		team === '' ? undefined : eq(people.team, team)
	);
}

/** The checks that an item closes at a workstation, as solved. */
function closesOf(
	{ purchases: all }: Pick<AdviceSummary, 'purchases'>,
	purchase: RequestableItem
): readonly CheckId[] {
	const alone = all.find(({ purchases }) => purchases.length === 1 && purchases[0] === purchase);
	return (alone ?? all.find(({ purchases }) => purchases.some((one) => one === purchase)))?.closes ?? [];
}

/** Since when a request has had its state. */
const since = sql<Date>`coalesce(${equipmentRequests.changedAt}, ${equipmentRequests.askedAt})`.mapWith(
	equipmentRequests.askedAt
);

async function readLines(db: Db, filter: EquipmentFilter, limit: number) {
	const rows = await db
		.select({
			id: equipmentRequests.id,
			purchase: equipmentRequests.purchase,
			state: equipmentRequests.state,
			reason: equipmentRequests.reason,
			supplier: equipmentRequests.supplier,
			orderNumber: equipmentRequests.orderNumber,
			costCents: equipmentRequests.costCents,
			currency: equipmentRequests.currency,
			askedAt: equipmentRequests.askedAt,
			since,
			fromStore: equipmentRequests.fromStore,
			backBy: equipmentRequests.backBy,
			version: equipmentRequests.version,
			personId: people.id,
			name: people.name,
			team: people.team,
			purchases: sql<readonly StoredPurchase[] | null>`${plans.advice} -> 'purchases'`,
			/** Present findings; by observations_person_idx. */
			found: sql<
				FindingId[] | null
			>`(select o.findings from ${observations} o where o.person_id = ${people.id} order by o.id desc limit 1)`
		})
		.from(equipmentRequests)
		.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
		.innerJoin(people, eq(people.id, assessments.personId))
		.leftJoin(plans, and(eq(plans.assessmentId, assessments.id), isNull(plans.endedAt)))
		.where(whereOf(filter))
		// Requests in progress: longest waiting first. Completed ones: newest first.
		.orderBy(
			filter.state === '' || PENDING_REQUEST_STATES.some((state) => state === filter.state)
				? asc(since)
				: desc(since),
			asc(equipmentRequests.id)
		)
		.limit(limit);
	return rows.map(({ purchases, found, ...row }) => ({
		...row,
		closes: closesOf({ purchases: readPurchases(purchases ?? []) }, row.purchase),
		findings: findingsHelpedBy(row.purchase, found ?? [])
	}));
}

/** A request on the board. */
export type EquipmentLine = Awaited<ReturnType<typeof readLines>>[number];

/**
 * Requests with their states, longest waiting first, with what each item closes at that workstation and what it usually costs. Cost: along
 * equipment_requests_board_idx for the lines shown, and one count over all requests.
 */
export async function readEquipmentBoard(db: Db, actor: Actor, filter: EquipmentFilter) {
	requirePermission(actor, 'equipment:read');
	const [lines, counted, prices, store] = await Promise.all([
		readLines(db, filter, MOST_LINES),
		db
			.select({ state: equipmentRequests.state, n: sql<number>`count(*)::int` })
			.from(equipmentRequests)
			.groupBy(equipmentRequests.state),
		readPrices(db),
		readStock(db)
	]);
	const counts = Object.fromEntries(
		REQUEST_STATES.map((state) => [state, counted.find((one) => one.state === state)?.n ?? 0])
	) as Record<RequestState, number>;
	return { lines, counts, prices, store, isMore: lines.length === MOST_LINES };
}

/** The board's columns in an export. */
const COLUMNS = [
	'thing',
	'person',
	'team',
	'state',
	'since',
	'asked',
	'closes',
	'supplier',
	'order number',
	'cost',
	'currency',
	'from the store',
	'back by',
	'reason'
] as const;

/** Most rows in an export. */
const MOST_ROWS = 50_000;

/**
 * The board as table rows.
 * @param dayOf gives the ISO date of a moment
 */
export async function equipmentRows(
	db: Db,
	actor: Actor,
	filter: EquipmentFilter,
	dayOf: (at: Date) => string
): Promise<(readonly string[])[]> {
	requirePermission(actor, 'equipment:read');
	const lines = await readLines(db, filter, MOST_ROWS);
	return [
		COLUMNS,
		...lines.map((line) => [
			line.purchase,
			line.name,
			line.team,
			line.state,
			dayOf(line.since),
			dayOf(line.askedAt),
			[...line.closes, ...line.findings].join(' '),
			line.supplier,
			line.orderNumber,
			line.costCents === null ? '' : (line.costCents / 100).toFixed(2),
			line.currency,
			line.fromStore ? 'yes' : '',
			line.backBy ?? '',
			line.reason
		])
	];
}
