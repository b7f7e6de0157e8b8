import { and, eq, isNull } from 'drizzle-orm';
import type { QuestionnaireMode } from '../../core/questionnaire/answers/fields';
import type { SittingStyle } from '../../core/workstation/corner/vocabulary';
import type { BreakSchedule } from '../../core/breaks/break-schedules';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { runDeskAct, type DeskActInput } from '../platform/acts/desk-act';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import type { Planner } from '../plan/planning/planning';
import { solveForStyle, storePlanForStyle } from '../plan/plans/change-sitting-style';
import { inSequence } from '../plan/plans/in-sequence';

const { assessments, people } = schema;

/** The sitting style, the length of the self-assessment and the break schedule set for a person; null for the round's or the default. */
export interface PersonSettings extends DeskActInput {
	readonly sittingStyle: SittingStyle | null;
	readonly questionnaireMode: QuestionnaireMode | null;
	readonly breakSchedule: BreakSchedule | null;
}

/**
 * Sets how a person is assessed and asked from now on. A new sitting style also applies to past answers: their plan is solved again,
 * outside any transaction, keeps the steps that remain true, and says that the style has changed. Invitations not yet answered follow.
 */
export function changePersonSettings(
	db: Db,
	actor: Actor,
	{ sittingStyle, questionnaireMode, breakSchedule, ...act }: PersonSettings,
	now: Date,
	planning: Planner
): Promise<void> {
	requirePermission(actor, 'cases:act');
	const { personId } = act;
	return inSequence(`set-up ${personId}`, async () => {
		const solved = await solveForStyle(db, personId, sittingStyle, planning);
		const isFinal = solved.spots.length > 0;
		await runDeskAct(db, actor, { ...act, kind: 'set-up', isFinal }, now, async ({ tx, rows: changing }) => {
			await changing.update(
				people,
				{ sittingStyle, questionnaireMode, breakSchedule },
				eq(people.id, personId)
			);
			const open = and(
				eq(assessments.personId, personId),
				isNull(assessments.answeredAt),
				isNull(assessments.revokedAt)
			);
			if (sittingStyle) await changing.update(assessments, { sittingStyle }, open);
			if (questionnaireMode) await changing.update(assessments, { questionnaireMode }, open);
			// The break schedule applies from now on, whether or not they have answered.
			if (breakSchedule) {
				const mine = and(eq(assessments.personId, personId), isNull(assessments.revokedAt));
				await changing.update(assessments, { breakSchedule }, mine);
			}
			await storePlanForStyle(tx, personId, solved, now);
			// Names of the audit log's details are published.
			const detail = {
				way: sittingStyle ?? '',
				route: questionnaireMode ?? '',
				rhythm: breakSchedule ?? ''
			};
			await writeAuditLine(tx, actor, { at: now, act: 'set-up', personId, detail });
		});
	});
}
