import { Type, type Static, type TOptional, type TString } from 'typebox';
import { measuredPadRises, readLengthField, type FieldIssue } from '../../core/answers';
import { setUpAsMeasured } from '../../core/checks';
import type { Corner } from '../../core/corner';
import type { PlanItem } from '../../core/case-assessment';
import { LENGTH_UNITS, type LengthUnit } from '../../core/length';
import { setUpAfter, type Plan } from '../../core/plan';
import {
	REMEASURED_FIELDS,
	remeasuredHeightsOf,
	type RemeasuredHeights,
	type RemeasuredField
} from '../../core/side-view';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { reassessCase } from '../case-assessments/reassess-cases';
import { requirePerson } from '../people/lock-person';
import { currentPlanOf, stepEventsOf, type StoredPlan, type StepEvent } from '../plans/current-plan';
import { countLinkUse } from './link-limits';
import { requireAnswered, newestReMeasurement, type OpenAssessment } from './open-assessment';
import { saveAnswers } from './save-answers';

const { reMeasurements, stepEvents } = schema;

/** The fields of a re-measurement, as typed. */
export const remeasurementSchema = Type.Object(
	{
		...(Object.fromEntries(
			Object.keys(REMEASURED_FIELDS).map((name) => [name, Type.Optional(Type.String({ maxLength: 40 }))])
		) as Record<RemeasuredField, TOptional<TString>>),
		unit: Type.Optional(Type.Enum(LENGTH_UNITS))
	},
	{ additionalProperties: false }
);

/** What was typed into the form for measuring heights again. */
export type RemeasurementInput = Readonly<Static<typeof remeasurementSchema>>;

/**
 * Saves heights measured again.
 * @param usual the person's unit, where the form names none
 * @returns what is unreadable, or nothing where it was saved
 */
export async function saveRemeasurement(
	db: Db,
	open: OpenAssessment,
	typed: RemeasurementInput,
	usual: LengthUnit,
	now: Date
): Promise<readonly FieldIssue[]> {
	requireAnswered(open);
	const { assessment } = open;
	const standing = assessment.corner?.spot.posture === 'standing';
	const newest = await newestReMeasurement(db, assessment.id);
	const issues: FieldIssue[] = [];
	const length = (name: RemeasuredField): number => {
		// A save interrupted half-way sends only what changed since.
		const before = typed[name] === undefined ? newest?.lengths[name] : undefined;
		if (typeof before === 'number') return before;
		const read = readLengthField(name, typed[name], typed.unit ?? usual, REMEASURED_FIELDS[name]);
		if (read.ok) return read.mm;
		issues.push(read.issue);
		return 0;
	};
	const lengths: RemeasuredHeights = {
		seatUnder: standing ? null : length('seatUnder'),
		feetOn: standing ? 0 : length('feetOn'),
		surface: length('surface'),
		keysOn: length('keysOn'),
		screenTop: length('screenTop')
	};
	if (issues.length > 0) return issues;
	await storeRemeasurement(db, open, lengths, now);
	return [];
}

/** Plan items that a height is about, each with the height as answered and as planned. */
function thingsMeasured(corner: Corner, plan: Plan, lengths: RemeasuredHeights) {
	const first = remeasuredHeightsOf(corner, setUpAsMeasured(corner));
	const planned = remeasuredHeightsOf(corner, setUpAfter(corner, plan));
	return (
		[
			['surface', 'surface'],
			['seat', 'seatUnder'],
			['feet', 'feetOn'],
			['keys', 'keysOn'],
			['screen', 'screenTop']
		] as const
	).flatMap(([thing, field]) => {
		const [from, to, now] = [first[field], planned[field], lengths[field]];
		return from === null || to === null || now === null ? [] : [{ thing, from, to, now }];
	});
}

/** Steps that a measurement shows to be carried out: the height is at least half-way to the planned one. */
function shownDone(plan: StoredPlan, events: readonly StepEvent[], lengths: RemeasuredHeights): PlanItem[] {
	const worked = plan.plan;
	if (!worked) return [];
	return thingsMeasured(plan.corner, worked, lengths)
		.filter(({ thing, from, to, now }) => {
			const isAsked = plan.steps.some(({ place }) => place === thing);
			const isDone = events.filter((event) => event.thing === thing).at(-1)?.isDone ?? false;
			return isAsked && !isDone && from !== to && Math.abs(now - to) <= Math.abs(now - from);
		})
		.map(({ thing }) => thing);
}

/**
 * Stores a re-measurement, and ticks the steps it shows to be carried out. Earlier ones stay as history; the same heights sent twice,
 * because a response was lost, count once. It also teaches how much pads really rise under this person.
 */
export async function storeRemeasurement(
	db: Db,
	open: OpenAssessment,
	lengths: RemeasuredHeights,
	now: Date
): Promise<void> {
	requireAnswered(open);
	const { assessment, actor } = open;
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, actor.personId);
		const newest = await newestReMeasurement(tx, assessment.id);
		const names = Object.keys(lengths) as (keyof RemeasuredHeights)[];
		const plan = await currentPlanOf(tx, assessment.id);
		const isSame = newest && names.every((name) => newest.lengths[name] === lengths[name]);
		if (isSame && (!plan || newest.at >= plan.madeAt)) return;
		await countLinkUse(tx, assessment.spotOf ?? assessment.id, 'measure', now);
		const worked = plan?.plan;
		// Counts from the next plan on: the present one is built already.
		const learned = plan && worked ? measuredPadRises(plan.corner, worked, lengths) : {};
		await saveAnswers(tx, open, learned, now);
		await tx.insert(reMeasurements).values({ assessmentId: assessment.id, at: now, lengths });
		const done = plan ? shownDone(plan, await stepEventsOf(tx, plan.id), lengths) : [];
		if (plan && done.length > 0)
			await tx.insert(stepEvents).values(
				done.map((thing) => ({
					planId: plan.id,
					thing,
					isDone: true,
					source: 'measured' as const,
					at: now
				}))
			);
		await reassessCase(tx, actor.personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 're-measured', personId: actor.personId });
	});
}
