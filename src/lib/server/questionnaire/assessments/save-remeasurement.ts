import { Type, type Static, type TOptional, type TString } from 'typebox';
import { measuredPadRises } from '../../../core/questionnaire/answers/measured-pad-rises';
import { readLengthField, type FieldIssue } from '../../../core/questionnaire/answers/read-length-field';
import { setUpAsMeasured } from '../../../core/workstation/checks/set-up';
import type { Corner } from '../../../core/workstation/corner/corner';
import type { PlanItem } from '../../../core/cases/case-assessment/vocabulary';
import { LENGTH_UNITS, type LengthUnit } from '../../../core/body/length/mm';
import { setUpAfter, type Plan } from '../../../core/plan/plan-corner';
import {
	REMEASURED_FIELDS,
	remeasuredHeightsOf,
	type MeasuredHeights,
	type RemeasuredField
} from '../../../core/workstation/side-view/remeasured-heights';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { requirePerson } from '../../people/lock-person';
import { currentPlanOf, stepEventsOf, type StoredPlan, type StepEvent } from '../../plan/plans/current-plan';
import { countLinkUse } from './link-limits';
import { requireAnswered, newestReMeasurement, type OpenAssessment } from './open-assessment';
import { saveAnswers } from './save-answers';

const { remeasurements, stepEvents } = schema;

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

/** The heights that are asked for: somebody who stands has no seat and nothing under their feet. */
const fieldsOf = (standing: boolean): readonly RemeasuredField[] =>
	(Object.keys(REMEASURED_FIELDS) as RemeasuredField[]).filter(
		(field) => !standing || (field !== 'seatUnder' && field !== 'feetOn')
	);

/**
 * Saves heights measured again. A field that is empty was not measured; where all are, nothing is saved.
 * @param usual the person's unit, where the form names none
 * @returns what is unreadable or, with nothing measured, missing; nothing where it was saved
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
	const plan = await currentPlanOf(db, assessment.id);
	const newest = await newestReMeasurement(db, assessment.id);
	// What was measured before the plan was made has gone into it.
	const before = newest && (!plan || newest.at >= plan.madeAt) ? newest.lengths : {};
	const issues: FieldIssue[] = [];
	const lengths: { -readonly [F in keyof MeasuredHeights]: MeasuredHeights[F] } = {};
	const fields = fieldsOf(assessment.workstation?.spot.posture === 'standing');
	for (const name of fields) {
		const text = typed[name];
		// A save interrupted half-way sends only what changed since.
		const known = text === undefined ? before[name] : undefined;
		if (typeof known === 'number') lengths[name] = known;
		if (!text?.trim()) continue;
		const read = readLengthField(name, text, typed.unit ?? usual, REMEASURED_FIELDS[name]);
		if (read.ok) lengths[name] = read.mm;
		else issues.push(read.issue);
	}
	if (issues.length > 0) return issues;
	if (Object.keys(lengths).length === 0)
		return fields.slice(0, 1).map((field) => ({ field, code: 'missing' }));
	await storeRemeasurement(db, open, lengths, now);
	return [];
}

/** Plan items that a height is about, each with the height as answered and as planned. */
function thingsMeasured(corner: Corner, plan: Plan, lengths: MeasuredHeights) {
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
		const [from, to, now] = [first[field], planned[field], lengths[field] ?? null];
		return from === null || to === null || now === null ? [] : [{ thing, from, to, now }];
	});
}

/** Steps that a measurement shows to be carried out: the height is at least half-way to the planned one. */
function shownDone(plan: StoredPlan, events: readonly StepEvent[], lengths: MeasuredHeights): PlanItem[] {
	const worked = plan.plan;
	if (!worked) return [];
	return thingsMeasured(plan.workstation, worked, lengths)
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
	lengths: MeasuredHeights,
	now: Date
): Promise<void> {
	requireAnswered(open);
	const { assessment, actor } = open;
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, actor.personId);
		const newest = await newestReMeasurement(tx, assessment.id);
		const plan = await currentPlanOf(tx, assessment.id);
		const isSame = newest && fieldsOf(false).every((name) => newest.lengths[name] === lengths[name]);
		if (isSame && (!plan || newest.at >= plan.madeAt)) return;
		await countLinkUse(tx, assessment.placeOf ?? assessment.id, 'measure', now);
		const worked = plan?.plan;
		// Counts from the next plan on: the present one is built already.
		const learned = plan && worked ? measuredPadRises(plan.workstation, worked, lengths) : {};
		await saveAnswers(tx, open, learned, now);
		await tx.insert(remeasurements).values({ assessmentId: assessment.id, at: now, lengths });
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
