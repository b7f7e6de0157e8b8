import { and, asc, desc, eq, inArray, isNull, sql, type SQL } from 'drizzle-orm';
import { readPurchases, type StoredPurchase } from '../../../core/plan/advice/read-advice';
import type { AdviceSummary } from '../../../core/plan/advice/advise-corner';
import type { CheckId } from '../../../core/workstation/checks/check-values';
import type { FindingId } from '../../../core/questionnaire/checklist/findings';
import {
	findingsHelpedBy,
	isEquipmentItem,
	REQUEST_STATES,
	PENDING_REQUEST_STATES,
	type EquipmentItem,
	type RequestState
} from '../../../core/plan/equipment';
import type { BoardColumn } from '../../../core/plan/equipment/board-columns';
import { purchasingTable } from '../../../core/platform/organisation-settings/purchasing-file';
import { itemWords } from '../../../messages/desk/workforce-words';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { readStock } from './store';
import { helpedByOwnItems } from '../../platform/organisation-settings/own-items';
import { readSettings } from '../../platform/organisation-settings/read-settings';

const { assessments, equipmentRequests, observations, people, plans } = schema;

/** Most lines on the board; the number of further ones is shown. */
const MOST_LINES = 200;

/** The board's filter; empty texts filter nothing. Without a state it shows requests in progress. */
export interface EquipmentFilter {
	readonly state: RequestState | '';
	readonly purchase: EquipmentItem | '';
	readonly team: string;
}

/** The filter in a URL; an unreadable value filters nothing. */
export function equipmentFilterOf(query: URLSearchParams): EquipmentFilter {
	return {
		state: REQUEST_STATES.find((one) => one === query.get('state')) ?? '',
		purchase: isEquipmentItem(query.get('purchase') ?? '') ? (query.get('purchase') as EquipmentItem) : '',
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
	purchase: EquipmentItem
): readonly CheckId[] {
	const alone = all.find(({ purchases }) => purchases.length === 1 && purchases[0] === purchase);
	return (alone ?? all.find(({ purchases }) => purchases.some((one) => one === purchase)))?.closes ?? [];
}

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
			deliverTo: equipmentRequests.deliverTo,
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
	const helped = await helpedByOwnItems(db);
	return rows.map(({ purchases, found, ...row }) => ({
		...row,
		closes: closesOf({ purchases: readPurchases(purchases ?? []) }, row.purchase),
		findings: findingsHelpedBy(row.purchase, found ?? [], helped)
	}));
}

/** What the catalogue says of each item, as the board needs it. One key look-up. */
async function catalogueLines(db: Db) {
	const { settings } = await readSettings(db, 'equipment');
	const { currency } = settings;
	return settings.items.map(({ code, cents, supplier, article, deliveryDays }) => ({
		code,
		cents,
		currency,
		supplier,
		article,
		deliveryDays
	}));
}

/**
 * Requests with their states, longest waiting first, with what each item closes at that workstation and what it usually costs. Cost: along
 * equipment_requests_board_idx for the lines shown, and one count over all requests.
 */
export async function readEquipmentBoard(db: Db, actor: Actor, filter: EquipmentFilter) {
	requirePermission(actor, 'equipment:read');
	const [lines, counted, catalogue, store] = await Promise.all([
		readLines(db, filter, MOST_LINES),
		db
			.select({ state: equipmentRequests.state, n: sql<number>`count(*)::int` })
			.from(equipmentRequests)
			.groupBy(equipmentRequests.state),
		catalogueLines(db),
		readStock(db)
	]);
	const counts = Object.fromEntries(
		REQUEST_STATES.map((state) => [state, counted.find((one) => one.state === state)?.n ?? 0])
	) as Record<RequestState, number>;
	return { lines, counts, catalogue, store, isMore: lines.length === MOST_LINES };
}

/** Most rows in an export. */
const MOST_ROWS = 50_000;

/**
 * The board as a table, with the columns that the organisation has set for purchasing.
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
	const articles = new Map((await catalogueLines(db)).map(({ code, article }) => [code, article]));
	const { settings } = await readSettings(db, 'purchasing-file');
	return purchasingTable(
		settings,
		lines.map((line): Record<BoardColumn, string> => ({
			thing: line.purchase,
			person: line.name,
			team: line.team,
			state: line.state,
			since: dayOf(line.since),
			asked: dayOf(line.askedAt),
			closes: [...line.closes, ...line.findings].join(' '),
			supplier: line.supplier,
			'order number': line.orderNumber,
			cost: line.costCents === null ? '' : (line.costCents / 100).toFixed(2),
			currency: line.currency,
			'from the store': line.fromStore ? 'yes' : '',
			'back by': line.backBy ?? '',
			reason: line.reason,
			name: itemWords(line.purchase),
			'item number': articles.get(line.purchase) ?? '',
			'deliver to': line.deliverTo
		}))
	);
}
