import { eq, sql } from 'drizzle-orm';
import { offersOf } from '../../core/advice';
import { choiceOf, fieldsOfStyle, triedStyle, unitOf, type TriedStyle } from '../../core/answers';
import type { Way } from '../../core/corner';
import { offeredWays } from '../../core/guidance';
import { countUse } from '../assessments/link-limits';
import { needAnswered, type OpenAssessment } from '../assessments/open-assessment';
import { saveAnswers } from '../assessments/save-answers';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { Fault } from '../fault';
import { judgeAnew } from '../judgements/judge-anew';
import { readFile } from '../judgements/read-file';
import { lookAtPerson, needPerson } from '../people/lock-person';
import type { Planning } from '../planning/planning';
import { solveForWay, writeForWay } from './change-way';
import { currentPlanOf } from './current-plan';
import { oneAtATime } from './one-at-a-time';
import { solveSpots } from './solve-spots';

const { people } = schema;

/** The sitting style that somebody is trying; the one that they are planned by is none. */
export function styleTried({
	answers,
	way
}: Pick<OpenAssessment['assessment'], 'answers' | 'way'>): TriedStyle | null {
	const tried = triedStyle(answers);
	return tried?.way === way ? null : tried;
}

/**
 * The sitting styles that somebody can try at a workstation, and what one of them asks for. Null where there is no plan yet, or no choice.
 *
 * Cost: one search for a plan, where the style that is looked at is another than the plan's; it counts among what a link may do in a day.
 *
 * @param wanted the style that is looked at; the one that is tried, else the plan's, if left out
 */
export async function readStyles(
	db: Db,
	open: OpenAssessment,
	planning: Planning,
	wanted: string | null,
	now: Date
) {
	const { assessment } = open;
	const kept = await currentPlanOf(db, assessment.id);
	const corner = assessment.corner;
	if (!kept || !corner) return null;
	const offered = offeredWays(corner);
	if (offered.length === 0) return null;
	const tried = styleTried(assessment);
	const shown = offered.find((way) => way === wanted) ?? tried?.way ?? assessment.way;
	const told = {
		offered,
		tried,
		shown,
		current: assessment.way,
		drawnAs: choiceOf(assessment.answers, 'drawnAs'),
		unit: unitOf(assessment.answers)
	};
	if (shown === assessment.way) return { ...told, corner: kept.corner, plan: kept.plan };
	await countUse(db, assessment.spotOf ?? assessment.id, 'solve', now);
	const [solved] = await solveSpots([{ ...corner, way: shown }], planning);
	if (!solved) return null;
	const plan = offersOf(solved.corner, solved.advice)[0]?.plan ?? null;
	return { ...told, corner: solved.corner, plan };
}

/** Notes that a style is tried from today on; that none is any more, for null. The plan stays as it is. */
export async function tryStyle(db: Db, open: OpenAssessment, way: Way | null, now: Date): Promise<void> {
	needAnswered(open);
	const person = await lookAtPerson(db, open.actor.personId);
	if (!person) return;
	const { file } = await readFile(db, person, now);
	await saveAnswers(db, open, fieldsOfStyle(way && { way, since: file.today }), now);
}

/** Keeps a style: plans are made by it from now on, and so is what is asked later. */
export async function keepStyle(
	db: Db,
	open: OpenAssessment,
	way: Way,
	planning: Planning,
	now: Date
): Promise<void> {
	needAnswered(open);
	const { personId } = open.actor;
	const { corner } = open.assessment;
	if (!corner || !offeredWays(corner).includes(way)) throw new Fault('invalid', 'planGone');
	return oneAtATime(`style ${personId}`, async () => {
		await countUse(db, open.assessment.spotOf ?? open.assessment.id, 'solve', now);
		const solved = await solveForWay(db, personId, way, planning);
		await inTransaction(db, async (tx) => {
			await needPerson(tx, personId);
			await writeForWay(tx, personId, solved, now);
			await tx
				.update(people)
				.set({ way, version: sql`${people.version} + 1` })
				.where(eq(people.id, personId));
			await judgeAnew(tx, personId, now);
			await writeAuditLine(tx, open.actor, { at: now, act: 'style-kept', personId, detail: { way } });
		});
		await saveAnswers(db, open, fieldsOfStyle(null), now);
	});
}
