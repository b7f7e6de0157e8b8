import { eq, or } from 'drizzle-orm';
import { convertUnit } from '../../../core/questionnaire/answers/convert-unit';
import { sharedFields } from '../../../core/questionnaire/answers/shared-fields';
import { redFlagField, redFlagsOf } from '../../../core/questionnaire/answers/checklist-fields';
import { speakOfTrial } from '../../../core/questionnaire/answers/day-trial';
import { unitOf } from '../../../core/questionnaire/answers/fields';
import { RED_FLAGS } from '../../../core/cases/discomfort/red-flags';
import type { LengthUnit } from '../../../core/body/length/mm';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { updateFindingTicks } from '../../cases/findings/update-finding-ticks';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { publishBatched } from '../../platform/live/publish-batched';
import { requirePerson } from '../../people/lock-person';
import { trialQuestionAt } from '../../plan/plans/trial-question-at';
import { recordRedFlags } from '../../workforce/reports/record-red-flags';
import { MAX_FIELDS_KEPT } from './link-limits';
import { endedLinkError, type OpenAssessment } from './open-assessment';

const { assessments } = schema;

export interface SavedAnswers {
	readonly revision: number;
	readonly savedAt: Date;
}

/**
 * The workstations of a self-assessment, this one included, in a fixed order. The person is locked, so nobody changes them in the meantime;
 * served by the key and assessments_spot_of_idx.
 * @throws DomainError where the link has ended since it was opened
 */
async function spotsHeld(tx: Db, { assessment }: OpenAssessment, evenIfLeft = false) {
	const main = assessment.placeOf ?? assessment.id;
	const rows = await tx
		.select()
		.from(assessments)
		.where(or(eq(assessments.id, main), eq(assessments.placeOf, main)))
		.orderBy(assessments.id);
	const here = rows.find(({ id }) => id === assessment.id);
	if (!here) throw endedLinkError('withdrawn');
	if (here.revokedAt && !(evenIfLeft && here.endedWhy === 'left')) throw endedLinkError(here.endedWhy);
	return rows;
}

type Fields = Readonly<Record<string, string>>;

function speakOfSigns(fields: Fields): boolean {
	return RED_FLAGS.some((sign) => fields[redFlagField(sign)] !== undefined);
}

/** The warning-sign fields among these: the only ones accepted before consent, and from people who have left. */
function signsAmong(fields: Fields): Fields {
	const names = RED_FLAGS.map(redFlagField).filter((name) => fields[name] !== undefined);
	return Object.fromEntries(names.map((name) => [name, fields[name] ?? '']));
}

/**
 * Saves answers while they are typed, and reports warning signs among them, in one transaction. Fields are merged one by one under the
 * person's lock, so two tabs or devices that save different fields both keep theirs; for the same field the last save wins. What belongs to
 * the person or household applies to all their workstations. Before consent, only warning signs are kept.
 * @throws DomainError after a withdrawal or the end of the link, when nothing is kept; before consent, after the warning signs were saved
 */
export async function saveAnswers(
	db: Db,
	open: OpenAssessment,
	fields: Fields,
	now: Date
): Promise<SavedAnswers> {
	const { saved, isWhole, changed } = await inTransaction(db, (tx) => saveWithin(tx, open, fields, now));
	await tellOtherDevices(db, changed);
	if (!isWhole) throw new DomainError('not-allowed', 'consentFirst');
	return saved;
}

/** Has the person's other devices show what one has typed. */
const tellOtherDevices = (db: Db, changed: readonly string[]) =>
	publishBatched(
		db,
		changed.map((id) => `answers:${id}` as const)
	);

async function saveWithin(
	tx: Db,
	open: OpenAssessment,
	given: Fields,
	now: Date
): Promise<{ readonly saved: SavedAnswers; readonly isWhole: boolean; readonly changed: readonly string[] }> {
	const { assessment, actor } = open;
	const { place } = await requirePerson(tx, actor.personId);
	const rows = await spotsHeld(tx, open);
	const hasAgreed = rows.find(({ id }) => id === assessment.id)?.consentedAt !== null;
	const fields = hasAgreed ? given : signsAmong(given);
	const shared = sharedFields(fields);
	let saved: SavedAnswers = { revision: 0, savedAt: now };
	let answers: Readonly<Record<string, string>> = {};
	let isAnew = false;
	const changed: string[] = [];
	for (const row of rows) {
		const isHere = row.id === assessment.id;
		const own = isHere ? fields : shared;
		if (Object.keys(own).length === 0) continue;
		const merged = { ...row.answers, ...own };
		if (Object.keys(merged).length > MAX_FIELDS_KEPT) throw new DomainError('too-large', 'tooLarge');
		const revision = row.answersRevision + 1;
		await tx
			.update(assessments)
			.set({
				answers: merged,
				answersRevision: revision,
				...(isHere && { savedAt: now }),
				...(speakOfTrial(own) && { trialAskAt: trialQuestionAt(merged, place, now) })
			})
			.where(eq(assessments.id, row.id));
		changed.push(row.id);
		// Assessments read the problems of the main workstation only.
		if (row.answeredAt !== null && row.placeOf === null) isAnew = await updateFindingTicks(tx, row, own);
		if (isHere) {
			saved = { revision, savedAt: now };
			answers = merged;
		}
	}
	const hasSigns = speakOfSigns(fields) && (await reportSigns(tx, open, answers, now));
	// Its place in the lists changes only with the first save, a warning sign, or a problem reported again.
	if (hasSigns || isAnew || (hasAgreed && assessment.savedAt === null))
		await reassessCase(tx, actor.personId, now);
	const isWhole = hasAgreed || Object.keys(fields).length === Object.keys(given).length;
	return { saved, isWhole, changed };
}

/**
 * Reports warning signs to the coordinator, whatever else is finished.
 * @returns whether anything is new
 */
async function reportSigns(
	tx: Db,
	{ assessment, actor }: OpenAssessment,
	answers: Readonly<Record<string, string>>,
	now: Date
): Promise<boolean> {
	const signs = redFlagsOf(answers);
	if (!(await recordRedFlags(tx, actor.personId, signs, now))) return false;
	await tx
		.update(assessments)
		.set({ signs, signsAt: now })
		.where(eq(assessments.id, assessment.placeOf ?? assessment.id));
	const detail = { signs: signs.length };
	await writeAuditLine(tx, actor, { at: now, act: 'signs-told', personId: actor.personId, detail });
	return true;
}

/** Saves a warning sign of someone who has left; nothing else of theirs is kept any more. */
export async function saveRedFlagsOfLeaver(
	db: Db,
	open: OpenAssessment,
	fields: Fields,
	now: Date
): Promise<boolean> {
	if (!speakOfSigns(fields)) return false;
	const { actor } = open;
	return inTransaction(db, async (tx) => {
		await requirePerson(tx, actor.personId);
		const rows = await spotsHeld(tx, open, true);
		const here = rows.find(({ id }) => id === open.assessment.id);
		const answers = { ...here?.answers, ...signsAmong(fields) };
		await tx.update(assessments).set({ answers }).where(eq(assessments.id, open.assessment.id));
		await reportSigns(tx, open, answers, now);
		await reassessCase(tx, actor.personId, now);
		return true;
	});
}

/** Converts every typed length to another unit, in one step. */
export async function changeUnit(db: Db, open: OpenAssessment, unit: LengthUnit, now: Date): Promise<void> {
	const changed = await inTransaction(db, async (tx) => {
		await requirePerson(tx, open.actor.personId);
		const rows = await spotsHeld(tx, open);
		if (rows.some(({ id, consentedAt }) => id === open.assessment.id && consentedAt === null))
			throw new DomainError('not-allowed', 'consentFirst');
		const others = rows.filter(({ answers }) => unitOf(answers) !== unit);
		for (const { id, answers, answersRevision } of others)
			await tx
				.update(assessments)
				.set({
					answers: convertUnit(answers, unitOf(answers), unit),
					answersRevision: answersRevision + 1,
					savedAt: now
				})
				.where(eq(assessments.id, id));
		return others.map(({ id }) => id);
	});
	await tellOtherDevices(db, changed);
}
