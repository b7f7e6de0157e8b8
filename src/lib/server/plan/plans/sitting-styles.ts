import { eq, sql } from 'drizzle-orm';
import { planOffers } from '../../../core/plan/advice/plan-offers';
import { chosenOption, unitOf } from '../../../core/questionnaire/answers/fields';
import {
	noTrialFields,
	styleTrialOf,
	trialFields,
	type StyleTrial
} from '../../../core/questionnaire/answers/day-trial';
import type { Corner } from '../../../core/workstation/corner/corner';
import type { SittingStyle } from '../../../core/workstation/corner/vocabulary';
import { offeredSittingStyles } from '../../../core/body/guidance/offered-sitting-styles';
import { countLinkUse } from '../../questionnaire/assessments/link-limits';
import { requireAnswered, type OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { saveAnswers } from '../../questionnaire/assessments/save-answers';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { loadCaseRecord } from '../../cases/case-assessments/load-case-record';
import { readSettings } from '../../platform/organisation-settings/read-settings';
import { readPersonPlace, requirePerson } from '../../people/lock-person';
import type { Planner } from '../planning/planning';
import { solveForStyle, storePlanForStyle } from './change-sitting-style';
import { currentPlanOf } from './current-plan';
import { inSequence } from './in-sequence';
import { solveSpots } from './solve-spots';

const { people } = schema;

/** The sitting style someone is trying; null if it is the plan's own. */
function currentStyleTrial({
	answers,
	sittingStyle
}: Pick<OpenAssessment['assessment'], 'answers' | 'sittingStyle'>): StyleTrial | null {
	const tried = styleTrialOf(answers);
	return tried?.way === sittingStyle ? null : tried;
}

/**
 * The sitting styles someone can try at a workstation, and what one of them asks for. Null where there is no plan yet, or no choice. Cost:
 * one plan search if the style shown is not the plan's; it counts towards the link's daily limit.
 * @param wanted the style to show; the one on trial, or else the plan's, if left out
 */
export async function readStylesPage(
	db: Db,
	open: OpenAssessment,
	planning: Planner,
	wanted: string | null,
	now: Date
) {
	const { assessment } = open;
	const kept = await currentPlanOf(db, assessment.id);
	const corner = assessment.workstation;
	if (!kept || !corner) return null;
	const offered = await stylesAt(db, corner);
	if (offered.length === 0) return null;
	const tried = currentStyleTrial(assessment);
	const shown = offered.find((way) => way === wanted) ?? tried?.way ?? assessment.sittingStyle;
	const told = {
		offered,
		tried,
		shown,
		current: assessment.sittingStyle,
		drawnAs: chosenOption(assessment.answers, 'drawnAs'),
		unit: unitOf(assessment.answers)
	};
	if (shown === assessment.sittingStyle) return { ...told, corner: kept.workstation, plan: kept.plan };
	await countLinkUse(db, assessment.placeOf ?? assessment.id, 'solve', now);
	const [solved] = await solveSpots([{ ...corner, way: shown }], planning);
	if (!solved) return null;
	const plan = planOffers(solved.workstation, solved.advice)[0]?.plan ?? null;
	return { ...told, corner: solved.workstation, plan };
}

/** The sitting styles that the organisation offers at a workstation. One key look-up. */
export async function stylesAt(db: Db, corner: Corner): Promise<SittingStyle[]> {
	const { settings } = await readSettings(db, 'choices');
	return offeredSittingStyles(corner, settings.sittingStyles);
}

async function requireOffered(db: Db, { assessment: { workstation } }: OpenAssessment, way: SittingStyle) {
	// A seat that leaves no choice, and then what the organisation doesn't offer.
	if (!workstation || !offeredSittingStyles(workstation).includes(way))
		throw new DomainError('invalid', 'planGone');
	if (!(await stylesAt(db, workstation)).includes(way)) throw new DomainError('conflict', 'notOffered');
}

/** Records the start of a trial today; for null, its end. The plan is unchanged. */
export async function startStyleTrial(
	db: Db,
	open: OpenAssessment,
	way: SittingStyle | null,
	now: Date
): Promise<void> {
	requireAnswered(open);
	if (way !== null) await requireOffered(db, open, way);
	const person = await readPersonPlace(db, open.actor.personId);
	if (!person) return;
	const { file } = await loadCaseRecord(db, person, now);
	await saveAnswers(db, open, way ? trialFields({ kind: 'style', way }, file.today) : noTrialFields(), now);
}

/** Adopts a style: later plans and questions use it. */
export async function adoptStyle(
	db: Db,
	open: OpenAssessment,
	way: SittingStyle,
	planning: Planner,
	now: Date
): Promise<void> {
	requireAnswered(open);
	const { personId } = open.actor;
	await requireOffered(db, open, way);
	return inSequence(`style ${personId}`, async () => {
		await countLinkUse(db, open.assessment.placeOf ?? open.assessment.id, 'solve', now);
		const solved = await solveForStyle(db, personId, way, planning);
		await inTransaction(db, async (tx) => {
			await requirePerson(tx, personId);
			await storePlanForStyle(tx, personId, solved, now);
			await tx
				.update(people)
				.set({ sittingStyle: way, version: sql`${people.version} + 1` })
				.where(eq(people.id, personId));
			await reassessCase(tx, personId, now);
			await writeAuditLine(tx, open.actor, { at: now, act: 'style-kept', personId, detail: { way } });
		});
		await saveAnswers(db, open, noTrialFields(), now);
	});
}
