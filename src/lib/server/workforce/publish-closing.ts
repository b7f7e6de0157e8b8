import { and, desc, eq, inArray, lt, sql } from 'drizzle-orm';
import { BASE_CODES, CellsOfBefore, changesOfDimension } from '../../core/workforce/cells-before';
import {
	FOR_EVERYONE_ONLY,
	GROUPINGS,
	PUBLISHED_OF,
	publishedRules,
	type Grouping,
	type PublishedOf
} from '../../core/workforce/codes';
import { changesByGroup, peopleToRenew, type ChangedPerson } from '../../core/workforce/people-to-renew';
import { closingTables } from '../../core/workforce/closing-table';
import { NO_TABLE, type FigureTable } from '../../core/workforce/figures';
import { isoDay } from '../platform/clock';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import type { ShouldContinue } from '../platform/jobs/should-continue';
import { readOrganisation } from '../platform/organisation/read-organisation';
import { dimensionOf, readChangedPeople, type ChangedRow } from './changed-people';
import { ASKED_BY, readAnswerRates } from './read-answers';
import { workOutClosingParts } from './closing-parts';
import { readTally } from './read-tally';
import { MOST_CLOSINGS, readDueClosings } from './reporting-dates';
import { STATE_COLUMNS, statesOn } from './states-on';
import { yieldToEventLoop } from '../platform/yield-to-event-loop';

const { publishedFigures, publishedStates, workforceClosings } = schema;

/** Dimensions of a kind of figures; null for everyone. */
function dimensionsOf(of: PublishedOf): readonly (Grouping | null)[] {
	if (FOR_EVERYONE_ONLY.includes(of)) return [null];
	return of === 'answers' ? [null, ...ASKED_BY] : [null, ...GROUPINGS];
}

/** Groups by dimension; dimension 0 is everyone. */
type GroupsByDimension = ReadonlyMap<number, ReadonlySet<string>>;

function groupsOf(people: readonly ChangedRow[]): GroupsByDimension {
	const groups = new Map<number, Set<string>>();
	for (const person of people)
		for (const state of [person.before, person.after])
			for (const [d, group] of ['', ...(state?.groups ?? [])].entries())
				groups.set(d, (groups.get(d) ?? new Set()).add(group));
	return groups;
}

/** Months after which the state of someone whose answers were deleted leaves even without others. */
const LONGEST_AFTER_ERASURE_MONTHS = 12;

/** Whose state is renewed at a closing, and which groups lose their figures for it. */
interface Renewal {
	readonly people: readonly ChangedRow[];
	/** Groups of which nothing is published until they are renewed: a single state has left them. */
	readonly withdrawn: GroupsByDimension;
}

/**
 * Who is renewed: as many as single nobody out. The state of someone whose answers were deleted, and that could not leave together with
 * others within a year, leaves with these, and the figures of their groups are withdrawn.
 */
function renewalOf(changed: readonly ChangedRow[], chosen: ReadonlySet<number>, on: string): Renewal {
	const people = changed.filter((_, index) => chosen.has(index));
	// Alone, they would be the difference between the two totals.
	if (people.length === 0) return { people, withdrawn: new Map() };
	const [year = 0, month = 1] = on.split('-').map(Number);
	const oldest = new Date(Date.UTC(year, month - LONGEST_AFTER_ERASURE_MONTHS, 0)).toISOString().slice(0, 10);
	const isOverdue = ({ before, after, asOf }: ChangedRow) => {
		const hasGone =
			before?.codes.includes(BASE_CODES.answered) && !after?.codes.includes(BASE_CODES.answered);
		return hasGone === true && asOf !== null && asOf <= oldest;
	};
	const overdue = changed.filter((one, index) => !chosen.has(index) && isOverdue(one));
	return { people: [...people, ...overdue], withdrawn: groupsOf(overdue) };
}

/** A table without what it says of some groups. */
function withoutGroups(table: FigureTable, isWithdrawn: (group: string) => boolean): FigureTable {
	const hide = <T>(of: readonly T[]): (T | null)[] =>
		of.map((value, i) => (isWithdrawn(table.groups[i] ?? '') ? null : value));
	return {
		...table,
		people: { ...table.people, groups: hide(table.people.groups) },
		figures: table.figures.map((figure) => ({ ...figure, groups: hide(figure.groups) }))
	};
}

/**
 * Replaces the published states of some people by those of the day. Earlier ones aren't kept: what was published of them stands in the
 * figures.
 * @param changed the people to renew
 */
async function renew(tx: Db, on: string, changed: readonly ChangedRow[]): Promise<void> {
	const ended = changed.flatMap(({ stateId }) => stateId ?? []);
	const begun = changed.flatMap(({ personId, after }) => (after && personId !== null ? [personId] : []));
	await tx.delete(publishedStates).where(sql`${publishedStates.id} = any(${sql.param(ended)}::bigint[])`);
	if (begun.length === 0) return;
	const columns = sql.raw(STATE_COLUMNS.join(', '));
	await tx.execute(sql`insert into published_states (person_id, as_of, ${columns})
		select person_id, ${on}::date, ${columns} from (${statesOn(on, begun)}) s`);
}

/** The figures of one kind at a closing, in one dimension, before they are made safe. */
function tallyOf(db: Db, on: string, of: PublishedOf, by: Grouping | null) {
	const snapshot = { on, isLive: false };
	if (of !== 'answers') return readTally(db, snapshot, of, by);
	const asked = ASKED_BY.find((name) => name === by) ?? null;
	return readAnswerRates(db, snapshot, asked).then(({ tally }) => tally);
}

/** The groups of a dimension: what changed in them, and which lose their figures. */
interface Renewed {
	readonly renewed: ReturnType<typeof changesByGroup>;
	readonly withdrawn: GroupsByDimension;
}

/** One dimension of a kind of figures, with what is known of the closing before. */
async function closingDimension(
	tx: Db,
	on: string,
	{ of, by }: { of: PublishedOf; by: Grouping | null },
	{ renewed, withdrawn }: Renewed
) {
	const [last] = await tx
		.select()
		.from(publishedFigures)
		.where(and(eq(publishedFigures.of, of), eq(publishedFigures.by, by ?? ''), lt(publishedFigures.on, on)))
		.orderBy(desc(publishedFigures.on))
		.limit(1);
	const dimension = dimensionOf(by, of === 'answers');
	const changes = changesOfDimension(renewed, dimension);
	const isRenewed = (group: string) => changes.groups?.has(group) ?? false;
	const isWithdrawn = (group: string) => withdrawn.get(dimension)?.has(group) ?? false;
	const before = last ? { table: withoutGroups(last.table, isWithdrawn), pending: last.pending } : null;
	const base = of === 'answers' ? BASE_CODES.asked : BASE_CODES.answered;
	return {
		by,
		tally: await tallyOf(tx, on, of, by),
		cells: new CellsOfBefore(before, changes, publishedRules(of, by), base),
		rules: publishedRules(of, by),
		sums: last?.sums ?? {},
		versionOf: (group: string) => (isRenewed(group) ? on : (last?.renewedOn[group] ?? on))
	};
}

/** Publishes the figures of one kind. @returns those of everyone */
async function publishTables(tx: Db, on: string, of: PublishedOf, groups: Renewed): Promise<FigureTable> {
	const dimensions: Awaited<ReturnType<typeof closingDimension>>[] = [];
	for (const by of dimensionsOf(of)) dimensions.push(await closingDimension(tx, on, { of, by }, groups));
	const rows = closingTables(dimensions).flatMap(({ table, sums }, i) => {
		const dimension = dimensions[i];
		if (!dimension) return [];
		const { by, cells, versionOf } = dimension;
		const renewedOn = Object.fromEntries(table.groups.map((group) => [group, versionOf(group)]));
		return [{ on, of, by: by ?? '', table, renewedOn, sums, pending: cells.pendingOf(table) }];
	});
	await tx.insert(publishedFigures).values(rows);
	const everyone = rows.find(({ by }) => by === '');
	if (!everyone) throw new Error(`There is no table of everyone for ${of}`);
	return everyone.table;
}

/** People counted at once: other requests go on between two parts. Our assumption. */
const PART = 2000;

/** The changes of those whose state is renewed, by dimension and group. */
async function countChanges(changed: readonly ChangedPerson[], chosen: readonly number[]) {
	const counted: ReturnType<typeof changesByGroup> = [];
	for (let i = 0; i < chosen.length; i += PART) {
		changesByGroup(changed, chosen.slice(i, i + PART), counted);
		await yieldToEventLoop();
	}
	return counted;
}

/** Lock of the database under which one process publishes at a time. */
const PUBLISHING = 'workforce-closings';

/**
 * Publishes the figures of a closing. The states of as many people are renewed as single nobody out; all figures are then sums of published
 * states, and stay as they are. Done twice, it is done once. Cost: a pass over everyone for the states and one for each kind of figures and
 * dimension.
 * @returns whether it was published just now
 */
export async function publishClosing(db: Db, on: string, now: Date): Promise<boolean> {
	const changed = await readChangedPeople(db, on);
	const chosen = peopleToRenew(changed);
	return inTransaction(db, async (tx) => {
		await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${PUBLISHING}))`);
		const made = await tx
			.insert(workforceClosings)
			.values({ on, madeAt: now, renewed: chosen.size })
			.onConflictDoNothing()
			.returning({ on: workforceClosings.on });
		if (made.length === 0) return false;
		const { people, withdrawn } = renewalOf(changed, chosen, on);
		await renew(tx, on, people);
		const renewed = await countChanges(changed, [...chosen]);
		const tables = new Map<PublishedOf, FigureTable>();
		for (const of of PUBLISHED_OF) tables.set(of, await publishTables(tx, on, of, { renewed, withdrawn }));
		const parts = await workOutClosingParts(tx, on, (of) => tables.get(of) ?? NO_TABLE);
		await tx.update(workforceClosings).set({ parts }).where(eq(workforceClosings.on, on));
		return true;
	});
}

async function forgetOldClosings(db: Db): Promise<void> {
	const old = db
		.select({ on: workforceClosings.on })
		.from(workforceClosings)
		.orderBy(desc(workforceClosings.on))
		.offset(MOST_CLOSINGS);
	await db.delete(workforceClosings).where(inArray(workforceClosings.on, old));
}

/**
 * Publishes the month ends that have passed, oldest first.
 * @returns how many were published
 */
export async function publishDueClosings(
	db: Db,
	clock: () => Date,
	shallGoOn: ShouldContinue = () => true
): Promise<number> {
	const { timeZone } = await readOrganisation(db);
	let published = 0;
	for (const on of await readDueClosings(db, isoDay(clock(), timeZone))) {
		if (!shallGoOn()) break;
		if (await publishClosing(db, on, clock())) published += 1;
	}
	if (published > 0) await forgetOldClosings(db);
	return published;
}
