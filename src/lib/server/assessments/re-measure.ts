import { learnedRises, readLength, type FieldIssue } from '../../core/answers';
import type { LengthUnit } from '../../core/length';
import type { Plan } from '../../core/plan';
import { RE_MEASURED_FIELDS, type ReMeasured, type ReMeasuredField } from '../../core/section';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { adviceAtSpots } from '../planning/advice-at-spot';
import type { Planning } from '../planning/planning';
import { needAnswered, newestReMeasurement, type OpenAssessment } from './open-assessment';
import { saveAnswers } from './save-answers';
import { answeredSpots } from './spots';

const { reMeasurements } = schema;

/** What was typed into the form of heights measured again. */
export interface TypedAgain extends Readonly<Partial<Record<ReMeasuredField, string>>> {
	readonly unit?: LengthUnit;
	/** Which of the offered plans was carried out, 1 is the best. */
	readonly plan?: string;
}

/** The fields of a measuring again, as JSON Schema. */
export const againProperties = {
	...Object.fromEntries(
		Object.keys(RE_MEASURED_FIELDS).map((name) => [name, { type: 'string', maxLength: 40 }])
	),
	unit: { enum: ['cm', 'in', 'mm'] },
	plan: { enum: ['1', '2', '3'] }
} as const;

/**
 * Takes the heights that were measured again.
 *
 * @param usual the person's unit, where the form names none
 * @returns what can't be read, or nothing where it is kept
 */
export async function takeReMeasurement(
	db: Db,
	open: OpenAssessment,
	typed: TypedAgain,
	usual: LengthUnit,
	planning: Planning,
	now: Date
): Promise<readonly FieldIssue[]> {
	needAnswered(open);
	const { assessment } = open;
	const standing = assessment.corner?.spot.posture === 'standing';
	const newest = await newestReMeasurement(db, assessment.id);
	const issues: FieldIssue[] = [];
	const length = (name: ReMeasuredField): number => {
		// A save that was cut in two sends only what changed since.
		const before = typed[name] === undefined ? newest?.lengths[name] : undefined;
		if (typeof before === 'number') return before;
		const read = readLength(name, typed[name], typed.unit ?? usual, RE_MEASURED_FIELDS[name]);
		if (read.ok) return read.mm;
		issues.push(read.issue);
		return 0;
	};
	const lengths: ReMeasured = {
		seatUnder: standing ? null : length('seatUnder'),
		feetOn: standing ? 0 : length('feetOn'),
		surface: length('surface'),
		keysOn: length('keysOn'),
		screenTop: length('screenTop')
	};
	if (issues.length > 0) return issues;
	const spots = await answeredSpots(db, assessment);
	const at = await adviceAtSpots(
		spots.map(({ corner }) => corner),
		planning
	);
	const plans = at[spots.findIndex(({ id }) => id === assessment.id)]?.advice.plans ?? [];
	await keepReMeasurement(db, open, lengths, plans[Number(typed.plan ?? 1) - 1] ?? plans[0] ?? null, now);
	return [];
}

/**
 * Keeps what was measured again after doing steps. Earlier ones stay as history; the same heights sent twice, because
 * an answer was lost on the way, are one. What pads really rise under this person is learnt from it.
 *
 * @param plan the plan that was carried out; null where it is not known
 */
export async function keepReMeasurement(
	db: Db,
	open: OpenAssessment,
	lengths: ReMeasured,
	plan: Plan | null,
	now: Date
): Promise<void> {
	needAnswered(open);
	const learned = plan && open.assessment.corner ? learnedRises(open.assessment.corner, plan, lengths) : {};
	await db.transaction(async (tx) => {
		const newest = await newestReMeasurement(tx, open.assessment.id);
		const names = Object.keys(lengths) as (keyof ReMeasured)[];
		if (newest && names.every((name) => newest.lengths[name] === lengths[name])) return;
		await tx.insert(reMeasurements).values({ assessmentId: open.assessment.id, at: now, lengths });
		// Counts from the next plan on: the one that stands is built by now.
		if (Object.keys(learned).length > 0) await saveAnswers(tx, open, learned, now);
		await writeAuditLine(tx, open.actor, { at: now, act: 're-measured', personId: open.actor.personId });
	});
}
