import { and, asc, desc, gt, inArray, isNotNull, isNull, or } from 'drizzle-orm';
import type { Thing } from '../../core/judgement';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { describeError, log } from '../log';
import { lockPeople } from '../people/lock-person';
import { workedPlansOf } from '../plans/current-plan';
import { rowOf } from '../plans/make-plan';
import { solveSpots, type SolvedSpot } from '../plans/solve-spots';
import type { Planning } from '../planning/planning';
import { judgeAllAnew } from './judge-anew';

const { assessments, plans, stepEvents, stepTicks, unjudged } = schema;

/** People judged in one transaction: a dozen statements serve them all. */
const BATCH = 100;

/** People whose plans are solved in one go: few, so that whoever waits for a plan meanwhile waits some tens of milliseconds longer. */
const SOLVED_TOGETHER = 20;

/** How many people have not been judged since the update to a version that does; the table is empty ever after. */
export function countUnjudged(db: Db): Promise<number> {
	return db.$count(unjudged);
}

/**
 * Judges everyone who has never been judged, as after an update from a version that kept no judgements: plans that people were given
 * are solved once more and kept, ticks become theirs, and the case is judged. Goes on where it was stopped, since whoever is done is
 * struck from the list with the same transaction; several processes may do so at once. How far it is stands in the log.
 *
 * Cost: a search for one plan a person, and some twenty statements for a hundred people.
 *
 * @param shallGoOn asked before each batch: the rest is left for the next call where it says no
 * @returns how many were judged
 */
export async function judgeTheUnjudged(
	db: Db,
	planning: Planning,
	clock: () => Date,
	shallGoOn: () => boolean = () => true
): Promise<number> {
	const left = await countUnjudged(db);
	let done = 0;
	let after = '00000000-0000-0000-0000-000000000000';
	// While one batch is written, the next one is solved.
	let writing: Promise<number> = Promise.resolve(0);
	while (left > 0 && shallGoOn()) {
		const batch = await db
			.select({ personId: unjudged.personId })
			.from(unjudged)
			.where(gt(unjudged.personId, after))
			.orderBy(asc(unjudged.personId))
			.limit(BATCH);
		const ids = batch.map(({ personId }) => personId);
		const last = ids.at(-1);
		if (!last) break;
		after = last;
		const { solved, failed } = await solveBare(db, ids, planning);
		done += await writing;
		log({ level: 'info', event: 'first-judging', done, of: left });
		const able = ids.filter((id) => !failed.has(id));
		writing = able.length > 0 ? judgeTogether(db, able, solved, clock()) : Promise.resolve(0);
	}
	return done + (await writing);
}

/** An answered spot, as far as its plan goes. */
type Spot = Pick<
	typeof assessments.$inferSelect,
	'id' | 'personId' | 'spotOf' | 'sentAt' | 'answeredAt' | 'corner'
>;

/** What was solved for one spot that had no plan. */
interface SolvedRow {
	readonly spot: Spot;
	readonly solved: SolvedSpot;
}

/** Solves the newest answers of these people where no plan is kept of them; who fails is logged, and tried again in the next run. */
async function solveBare(db: Db, personIds: readonly string[], planning: Planning) {
	const spots = await answeredSpotsOf(db, personIds);
	const planned = await workedPlansOf(
		db,
		spots.map(({ id }) => id)
	);
	const isBare = ({ id }: Spot) => !planned.some(({ assessmentId }) => assessmentId === id);
	const bare = personIds.flatMap((personId) => {
		const mine = spots.filter((spot) => spot.personId === personId);
		return mine.some(isBare) ? [mine] : [];
	});
	const solved: SolvedRow[] = [];
	const failed = new Set<string>();
	const chunks = Array.from({ length: Math.ceil(bare.length / SOLVED_TOGETHER) }, (_, i) =>
		bare.slice(i * SOLVED_TOGETHER, (i + 1) * SOLVED_TOGETHER)
	);
	async function solveChunk(people: readonly (readonly Spot[])[]): Promise<void> {
		try {
			for (const row of await solveFirst(people, planning)) if (isBare(row.spot)) solved.push(row);
		} catch (error) {
			if (people.length > 1) {
				for (const one of people) await solveChunk([one]);
				return;
			}
			for (const { personId } of people.flat()) failed.add(personId);
			log({ level: 'error', event: 'first-judging-fault', ...describeError(error) });
		}
	}
	await Promise.all(chunks.map(solveChunk));
	return { solved, failed };
}

/**
 * Solves people's spots as far as a judgement needs it: what would help besides is worked out when everyone is judged. Who has several
 * spots has the household shared among them first.
 */
async function solveFirst(people: readonly (readonly Spot[])[], planning: Planning): Promise<SolvedRow[]> {
	const cornersOf = (spots: readonly Spot[]) => spots.flatMap(({ corner }) => corner ?? []);
	const single = people.filter((spots) => spots.length === 1).flat();
	const corners = cornersOf(single);
	const briefly = corners.length > 0 ? await planning.adviseBriefly(corners) : [];
	const rows = single.flatMap((spot, i): SolvedRow[] => {
		const [corner, advice] = [spot.corner, briefly[i]];
		return corner && advice ? [{ spot, solved: { corner, advice, moving: null } }] : [];
	});
	for (const spots of people.filter(({ length }) => length > 1)) {
		const found = await solveSpots(cornersOf(spots), planning);
		// As they were given it: without the ladder that there was not yet.
		rows.push(
			...spots.flatMap((spot, i) => {
				const one = found[i];
				return one ? [{ spot, solved: { ...one, advice: { ...one.advice, ladder: null } } }] : [];
			})
		);
	}
	return rows;
}

/** The answered spots of these people's newest answers, the first one of each first. */
async function answeredSpotsOf(db: Db, personIds: readonly string[]): Promise<Spot[]> {
	const isAnswered = and(isNotNull(assessments.answeredAt), isNotNull(assessments.corner));
	const newest = await db
		.selectDistinctOn([assessments.personId], { id: assessments.id })
		.from(assessments)
		.where(and(inArray(assessments.personId, [...personIds]), isNull(assessments.spotOf), isAnswered))
		.orderBy(asc(assessments.personId), desc(assessments.sentAt), desc(assessments.id));
	const ids = newest.map(({ id }) => id);
	if (ids.length === 0) return [];
	const spots = await db
		.select({
			id: assessments.id,
			personId: assessments.personId,
			spotOf: assessments.spotOf,
			sentAt: assessments.sentAt,
			answeredAt: assessments.answeredAt,
			corner: assessments.corner
		})
		.from(assessments)
		.where(and(or(inArray(assessments.id, ids), inArray(assessments.spotOf, ids)), isAnswered))
		.orderBy(asc(assessments.sentAt), asc(assessments.id));
	return [...spots.filter(({ spotOf }) => spotOf === null), ...spots.filter(({ spotOf }) => spotOf !== null)];
}

/** Judges people in one transaction; where one of them can't be judged, each alone, so that nobody keeps another waiting. */
async function judgeTogether(
	db: Db,
	personIds: readonly string[],
	solved: readonly SolvedRow[],
	now: Date
): Promise<number> {
	try {
		return await inTransaction(db, (tx) => judgeAndStrike(tx, personIds, solved, now));
	} catch (error) {
		if (personIds.length === 1) {
			// Looked at again in the next run.
			log({ level: 'error', event: 'first-judging-fault', ...describeError(error) });
			return 0;
		}
		let done = 0;
		for (const id of personIds) done += await judgeTogether(db, [id], solved, now);
		return done;
	}
}

async function judgeAndStrike(
	tx: Db,
	personIds: readonly string[],
	solved: readonly SolvedRow[],
	now: Date
): Promise<number> {
	const locked = await lockPeople(tx, personIds);
	// Another process may have been quicker.
	const struck = await tx
		.delete(unjudged)
		.where(inArray(unjudged.personId, [...personIds]))
		.returning();
	const mine = locked.filter(({ id }) => struck.some(({ personId }) => personId === id));
	await keepPlans(
		tx,
		solved.filter(({ spot }) => mine.some(({ id }) => id === spot.personId))
	);
	await judgeAllAnew(tx, mine, now);
	return mine.length;
}

/** The plans as they were worked out when the answers came in, with the steps that were ticked. */
async function keepPlans(tx: Db, rows: readonly SolvedRow[]): Promise<void> {
	const planned = await workedPlansOf(
		tx,
		rows.map(({ spot }) => spot.id)
	);
	// Answered anew meanwhile: that plan stands.
	const made = rows.flatMap(({ spot: { id, answeredAt }, solved }) =>
		answeredAt && !planned.some(({ assessmentId }) => assessmentId === id)
			? [rowOf({ assessmentId: id, ...solved, chosen: 0, why: 'earlier' }, answeredAt)]
			: []
	);
	if (made.length === 0) return;
	const kept = await tx
		.insert(plans)
		.values(made)
		.returning({ id: plans.id, assessmentId: plans.assessmentId, steps: plans.steps });
	const ticks = await tx
		.delete(stepTicks)
		.where(
			inArray(
				stepTicks.assessmentId,
				kept.map(({ assessmentId }) => assessmentId)
			)
		)
		.returning();
	const events = ticks.flatMap(({ assessmentId, place, done, at }) => {
		const plan = kept.find((one) => one.assessmentId === assessmentId);
		return done && plan?.steps.some((step) => step.place === place)
			? [{ planId: plan.id, thing: place as Thing, isDone: true, source: 'tick' as const, at }]
			: [];
	});
	if (events.length > 0) await tx.insert(stepEvents).values(events);
}
