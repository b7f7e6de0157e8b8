import { and, asc, isNull, sql } from 'drizzle-orm';
import { readPurchases, type StoredPurchase } from '../../core/plan/advice/read-advice';
import { writeOffers } from '../../core/plan/budget/needs';
import type { PurchaseOffer } from '../../core/plan/budget/purchase-offers';
import type { Checklist } from '../../core/questionnaire/checklist/checklist';
import { checklistsAt } from '../questionnaire/checklists/read-checklists';
import { checklistAnswersOf } from '../../core/questionnaire/answers/checklist-fields';
import { measuredPadShares } from '../../core/questionnaire/answers/household-things';
import { thingsAtHome } from '../../core/questionnaire/answers/device-answers';
import type { QuestionnaireMode } from '../../core/questionnaire/answers/fields';
import type { Corner } from '../../core/workstation/corner/corner';
import type { SittingStyle } from '../../core/workstation/corner/vocabulary';
import type { RegionReport } from '../../core/cases/discomfort/report';
import type { AssessmentResult } from '../../core/cases/case-assessment/assessment-result';
import { sameDocument } from '../../core/platform/same-document';
import type { TriageLevel } from '../../core/cases/triage/policy';
import { PURCHASES, type PurchaseId } from '../../core/plan/purchases';
import type { Plan } from '../../core/plan/plan-corner';
import type { MeasuredHeights } from '../../core/workstation/side-view/remeasured-heights';
import {
	builtHeightCodes,
	planStepCodes,
	type RecordedSteps,
	type UndoneReport
} from '../../core/workforce/plan-step-codes';
import { observe } from '../../core/workforce/observation';
import { padCodes } from '../../core/workforce/pad-shares';
import { isAnyOf } from '../platform/db/is-any-of';
import { schema, type Db } from '../platform/db/client';
import type { LockedPerson } from '../people/lock-person';
import { readPrices } from './prices';

const { observations, purchaseNeeds } = schema;

type NewObservation = typeof observations.$inferInsert;

/** What an assessment comes to: what is counted, and what could be bought. */
interface Made {
	readonly row: NewObservation;
	readonly offers: readonly PurchaseOffer[];
}

/** An assessment just written, or seen for the first time. */
export interface AssessmentResultRow {
	readonly id: number;
	readonly personId: string;
	readonly onDay: string;
	readonly document: AssessmentResult;
}

/** Something as PostgreSQL writes it: moments are texts. */
type AsJson<T> = T extends Date ? string : T extends object ? { readonly [K in keyof T]: AsJson<T[K]> } : T;

/** What an assessment rested on, as it was then. */
interface Sources extends Record<string, unknown> {
	readonly id: string;
	readonly answered: {
		readonly way: SittingStyle;
		readonly route: QuestionnaireMode;
		readonly checklistVersion: number;
		readonly corner: Corner;
		readonly answers: Readonly<Record<string, string>>;
		readonly answeredAt: string;
		readonly roundId: string | null;
	} | null;
	readonly report: { readonly at: string; readonly regions: readonly RegionReport[] } | null;
	readonly firstReport: { readonly at: string; readonly regions: readonly RegionReport[] } | null;
	readonly plan: {
		readonly plan: Plan | null;
		readonly purchases: readonly StoredPurchase[];
	} | null;
	readonly plans: readonly AsJson<RecordedSteps>[];
	readonly checkIns: readonly AsJson<UndoneReport>[];
	/** The newest measurement after the plan in use was built, with the plan; null where there was none. */
	readonly built: { readonly corner: Corner; readonly plan: Plan; readonly again: MeasuredHeights } | null;
}

/**
 * Reads what each assessment rested on at its time, in one statement: half a dozen index look-ups per assessment, served by
 * assessments_person_sent_idx, round_people_assessment_idx, reported_discomfort_assessment_idx, check_ins_person_idx and
 * plans_assessment_idx, step_events_plan_idx and
 * remeasurements_assessment_at_idx.
 */
async function sourcesOf(tx: Db, ids: readonly number[]): Promise<Map<number, Sources>> {
	const reports = sql`(select d.at, d.regions from assessments s join reported_discomfort d on d.assessment_id = s.id
			where s.person_id = j.person_id and d.at <= j.at
		union all select c.answered_at, c.discomfort from check_ins c
			where c.person_id = j.person_id and c.discomfort is not null and c.answered_at <= j.at) r`;
	const report = (order: 'asc' | 'desc') =>
		sql`(select jsonb_build_object('at', r.at, 'regions', r.regions) from ${reports} order by r.at ${sql.raw(order)} limit 1)`;
	const { rows } = await tx.execute<Sources>(sql`
		select j.id, case when a.id is null then null else jsonb_build_object('way', a.sitting_style, 'route', a.questionnaire_mode,
				'checklistVersion', a.checklist_version, 'corner', a.workstation, 'answers', a.answers, 'answeredAt', a.answered_at,
				'roundId', (select round_id from round_people where assessment_id = a.id limit 1)) end as answered,
			${report('desc')} as report, ${report('asc')} as "firstReport",
			(select jsonb_build_object('plan', p.plan, 'purchases', p.advice -> 'purchases') from plans p
				where p.assessment_id = a.id and p.made_at <= j.at order by p.made_at desc limit 1) as plan,
			(select coalesce(jsonb_agg(jsonb_build_object('madeAt', p.made_at,
					'steps', (select coalesce(jsonb_agg(jsonb_build_object('place', t.step -> 'place', 'kinds', jsonb_path_query_array(t.step, '$.pieces[*].kind'))), '[]')
						from jsonb_array_elements(p.steps) t(step)),
					'events', (select coalesce(jsonb_agg(jsonb_build_object('thing', e.thing, 'isDone', e.is_done, 'at', e.at) order by e.id), '[]')
						from step_events e where e.plan_id = p.id and e.at <= j.at)) order by p.made_at), '[]')
				from assessments s join plans p on p.assessment_id = s.id where s.person_id = j.person_id and s.place_of is null and p.made_at <= j.at) as plans,
			(select coalesce(jsonb_agg(jsonb_build_object('at', c.answered_at, 'undone', c.undone) order by c.answered_at), '[]')
				from check_ins c where c.person_id = j.person_id and c.kind = 'check-in' and c.answered_at <= j.at) as "checkIns",
			(select jsonb_build_object('corner', p.workstation, 'plan', p.plan, 'again', m.lengths) from plans p join remeasurements m on m.assessment_id = p.assessment_id
				where p.assessment_id = a.id and p.plan is not null and m.at between p.made_at and least(coalesce(p.ended_at, 'infinity'), j.at)
				order by m.at desc limit 1) as built
		from assessment_results j left join lateral (select * from assessments s where s.person_id = j.person_id and s.place_of is null
			and s.answered_at <= j.at order by s.answered_at desc, s.id desc limit 1) a on true
		where j.id = any(${sql.param([...ids])}::bigint[])`);
	return new Map(rows.map((row) => [Number(row.id), row]));
}

type First = Pick<NewObservation, 'firstOn' | 'firstFindings' | 'firstGapsMm'>;

/** The first values that an observation keeps; null where nothing was answered yet. */
const firstOf = ({ firstOn, firstFindings, firstGapsMm }: NewObservation): First | null =>
	firstOn ? { firstOn, firstFindings, firstGapsMm } : null;

/** What is known from a person's earlier assessments. */
interface Earlier {
	readonly first: First | null;
	readonly firstCarriedOn: string | null;
	/** The day on which their newest observation begins; null where there is none. */
	readonly beganOn: string | null;
}

/**
 * The day on which an observation begins: never before the one that it follows. A person's day can be earlier than it was a moment ago, since
 * they have moved to another time zone; an observation that reached back would leave two for the days in between.
 */
const beginsOn = (day: string, after: string | null): string => (after !== null && after > day ? after : day);

/** The codes of plan steps, as statistics count them. */
const stepCodesOf = (plans: Sources['plans'], checkIns: Sources['checkIns']) =>
	planStepCodes(
		plans.map(({ madeAt, steps, events }) => ({
			madeAt: new Date(madeAt),
			steps,
			events: events.map(({ thing, isDone, at }) => ({ thing, isDone, at: new Date(at) }))
		})),
		checkIns.map(({ at, undone }) => ({ at: new Date(at), undone }))
	);

function rowOf(
	{ id, onDay, document }: AssessmentResultRow,
	{ answered, report, firstReport, plan, plans, checkIns, built }: Sources,
	{ id: personId, team, country, place }: LockedPerson,
	{ first, firstCarriedOn, beganOn }: Earlier,
	{
		prices,
		checklistFor
	}: {
		readonly prices: ReadonlyMap<PurchaseId, number>;
		readonly checklistFor: (version: number) => Checklist;
	}
): Made {
	const answers = answered && {
		asked: checklistFor(answered.checklistVersion),
		corner: answered.corner,
		checklist: checklistAnswersOf(answered.answers),
		own: PURCHASES.filter((thing) => thingsAtHome(answered.answers).includes(thing))
	};
	const asNow = observe({
		assessmentResult: document,
		answers,
		report: report?.regions ?? null,
		plan: plan && { plan: plan.plan, advice: { purchases: readPurchases(plan.purchases) } },
		prices
	});
	const atFirst = observe({
		assessmentResult: { ...document, standing: document.first },
		answers,
		report: firstReport?.regions ?? null,
		plan: null,
		prices
	});
	const day = (at: string | undefined) => (at === undefined ? null : place.dayOf(new Date(at)));
	const answeredOn = day(answered?.answeredAt);
	const row = {
		assessmentResultId: id,
		personId,
		onDay: beginsOn(onDay, beganOn),
		team,
		country,
		roundId: answered?.roundId ?? null,
		sittingStyle: answered?.way ?? null,
		questionnaireMode: answered?.route ?? null,
		place: asNow.spot,
		level: document.level,
		answeredOn,
		reportedOn: day(report?.at),
		firstReportedOn: day(firstReport?.at),
		hasPlan: (document.plan?.of ?? 0) > 0,
		carriedOn: document.plan?.carriedOut ?? null,
		firstCarriedOn: firstCarriedOn ?? document.plan?.carriedOut ?? null,
		worst: asNow.worst,
		firstWorst: atFirst.worst,
		discomfort: [...asNow.discomfort],
		firstDiscomfort: [...atFirst.discomfort],
		findings: [...asNow.findings],
		gapsMm: [...asNow.gapsMm],
		heights: asNow.heights,
		heightsAfter: asNow.heightsAfter,
		helpedBy: [...asNow.helpedBy],
		firstChoice: [...asNow.firstChoice],
		planSteps: [
			...stepCodesOf(plans, checkIns),
			...(built ? builtHeightCodes(built.corner, built.plan, built.again) : []),
			...(answered ? padCodes(measuredPadShares(answered.answers)) : [])
		],
		// The findings of the first answers remain what "first" means.
		...(first ?? {
			firstOn: answeredOn,
			firstFindings: [...atFirst.findings],
			firstGapsMm: [...atFirst.gapsMm]
		})
	} satisfies NewObservation;
	return { row, offers: asNow.offers };
}

/** What is known from these people's earlier assessments, if there are any: two look-ups by observations_person_idx. */
async function earlierOf(tx: Db, personIds: readonly string[]): Promise<Map<string, Earlier>> {
	const mine = isAnyOf(observations.personId, personIds);
	const firsts = await tx
		.selectDistinctOn([observations.personId], {
			personId: observations.personId,
			firstOn: observations.firstOn,
			firstFindings: observations.firstFindings,
			firstGapsMm: observations.firstGapsMm
		})
		.from(observations)
		.where(and(mine, sql`${observations.firstOn} is not null`))
		.orderBy(observations.personId, asc(observations.id));
	const newest = await tx
		.select({
			personId: observations.personId,
			firstCarriedOn: observations.firstCarriedOn,
			beganOn: observations.onDay
		})
		.from(observations)
		.where(newestOf(personIds));
	return new Map(
		newest.map(({ personId, firstCarriedOn, beganOn }) => {
			const { personId: _id, ...first } = firsts.find((one) => one.personId === personId) ?? { personId };
			return [personId, { first: 'firstOn' in first ? first : null, firstCarriedOn, beganOn }];
		})
	);
}

/**
 * Stores what statistics need from assessments, within the transaction that wrote them; the people are locked. Cost: seven statements for
 * all, each an index look-up or a dozen rows.
 * @param rows assessments in the order they were made; there may be several of one person
 */
export async function storeObservations(
	tx: Db,
	rows: readonly AssessmentResultRow[],
	people: readonly LockedPerson[]
): Promise<void> {
	if (rows.length === 0) return;
	const personIds = [...new Set(rows.map(({ personId }) => personId))];
	const sources = await sourcesOf(
		tx,
		rows.map(({ id }) => id)
	);
	const earlier = await earlierOf(tx, personIds);
	const prices = new Map((await readPrices(tx)).map(({ purchase, cents }) => [purchase, cents]));
	const checklistFor = await checklistsAt(
		tx,
		[...sources.values()].flatMap(({ answered }) => answered?.checklistVersion ?? [])
	);
	const made: NewObservation[] = [];
	const needs = new Map<string, Need>();
	for (const row of rows) {
		const person = people.find(({ id }) => id === row.personId);
		const read = sources.get(row.id);
		if (!person || !read) throw new Error('An assessment result that was just read has no person or is gone');
		const known = earlier.get(row.personId) ?? { first: null, firstCarriedOn: null, beganOn: null };
		const { row: observation, offers } = rowOf(row, read, person, known, { prices, checklistFor });
		needs.set(row.personId, { worst: observation.worst ?? 0, offers });
		earlier.set(row.personId, {
			first: known.first ?? firstOf(observation),
			firstCarriedOn: observation.firstCarriedOn ?? null,
			beganOn: observation.onDay
		});
		// For the same person, the previous one ends where this begins.
		const before = made.filter(({ personId }) => personId === row.personId).at(-1);
		if (before) before.untilDay = observation.onDay;
		made.push(observation);
	}
	const begins = new Map([...made].reverse().map(({ personId, onDay }) => [personId, onDay]));
	await endNewest(tx, begins);
	await tx.insert(observations).values(made);
	await storeNeeds(tx, needs);
}

/** What could be bought for someone, with their worst score. */
interface Need {
	readonly worst: number;
	readonly offers: readonly PurchaseOffer[];
}

/** Stores what could be bought for people, in place of what was known before. */
async function storeNeeds(tx: Db, needs: ReadonlyMap<string, Need>): Promise<void> {
	await tx.delete(purchaseNeeds).where(isAnyOf(purchaseNeeds.personId, needs.keys()));
	const rows = [...needs]
		.filter(([, { offers }]) => offers.length > 0)
		.map(([personId, { worst, offers }]) => ({ personId, worst, offers: writeOffers(offers) }));
	if (rows.length > 0) await tx.insert(purchaseNeeds).values(rows);
}

/** Ends people's newest observation on the day on which the next begins, which is not before its own. */
async function endNewest(tx: Db, begins: ReadonlyMap<string, string>): Promise<void> {
	await tx
		.update(observations)
		.set({
			untilDay: sql`(${JSON.stringify(Object.fromEntries(begins))}::jsonb ->> ${observations.personId}::text)::date`
		})
		.where(newestOf(begins.keys()));
}

/** Their newest observations. */
const newestOf = (personIds: Iterable<string>) =>
	and(isAnyOf(observations.personId, personIds), isNull(observations.untilDay));

/** Continues people's newest observations with what has changed, from a day on. */
async function continueNewest(
	tx: Db,
	changes: ReadonlyMap<string, Pick<NewObservation, 'onDay'> & Partial<NewObservation>>
): Promise<void> {
	if (changes.size === 0) return;
	const newest = await tx.select().from(observations).where(newestOf(changes.keys()));
	if (newest.length === 0) return;
	const next = newest.map(({ id: _id, ...row }) => {
		const change = changes.get(row.personId);
		return { ...row, ...change, onDay: beginsOn(change?.onDay ?? row.onDay, row.onDay) };
	});
	await endNewest(tx, new Map(next.map(({ personId, onDay }) => [personId, onDay])));
	await tx.insert(observations).values(next);
}

/** Records that people have a different team or country from today on, so that figures for earlier days stay with the earlier one. */
export async function storeMoves(tx: Db, people: readonly LockedPerson[], now: Date): Promise<void> {
	const newest = await tx
		.select({ personId: observations.personId, team: observations.team, country: observations.country })
		.from(observations)
		.where(newestOf(people.map(({ id }) => id)));
	const moved = newest.flatMap((row) => {
		const person = people.find(({ id }) => id === row.personId);
		if (!person || (person.team === row.team && person.country === row.country)) return [];
		const { team, country, place } = person;
		return [[row.personId, { team, country, onDay: place.dayOf(now) }] as const];
	});
	await continueNewest(tx, new Map(moved));
}

/** The part of an assessment that is counted, without its level. */
const countedPart = ({ first, standing, plan }: AssessmentResult) => ({
	first,
	standing,
	plan: plan && { hasSteps: plan.of > 0, carriedOut: plan.carriedOut }
});

/** Whether two assessments of the same answers, reports and plans are counted alike, but for their level. */
export function isCountedAlike(before: AssessmentResult, after: AssessmentResult): boolean {
	const [a, b] = [before.versions, after.versions];
	return (
		a.core === b.core && a.checklist === b.checklist && sameDocument(countedPart(before), countedPart(after))
	);
}

/**
 * Stores assessments that are counted like the newest ones but for their level. Where the level is the same, too, there is nothing to store:
 * each policy published would else add a row for everyone.
 */
export async function storeLevels(
	tx: Db,
	rows: readonly (AssessmentResultRow & { readonly levelBefore: TriageLevel | null })[]
): Promise<void> {
	const changed = rows.filter(({ document, levelBefore }) => document.level !== levelBefore);
	await continueNewest(
		tx,
		new Map(
			changed.map(({ id, personId, onDay, document: { level } }) => [
				personId,
				{ assessmentResultId: id, onDay, level }
			])
		)
	);
}
