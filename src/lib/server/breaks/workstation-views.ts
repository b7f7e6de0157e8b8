import { planOffers } from '../../core/plan/advice/plan-offers';
import { chosenOption } from '../../core/questionnaire/answers/fields';
import type { Corner } from '../../core/workstation/corner/corner';
import type { DrawingStyle } from '../../core/workstation/side-view/drawing-style';
import { spotRows } from '../questionnaire/assessments/spots';
import type { OpenAssessment } from '../questionnaire/assessments/open-assessment';
import type { Db } from '../platform/db/client';
import { currentPlanOf } from '../plan/plans/current-plan';

/** A workstation with its plan, to be drawn from the side. */
export interface WorkstationView {
	/** Its number among the person's workstations, from 1. */
	readonly number: number;
	readonly corner: Corner;
	readonly plan: NonNullable<ReturnType<typeof planOffers>[number]>['plan'] | null;
	readonly drawnAs: DrawingStyle;
}

/** A person's workstations that have a plan, each with it. Cost: one look-up for each of at most three. */
export async function workstationViews(db: Db, { assessment }: OpenAssessment): Promise<WorkstationView[]> {
	const rows = await spotRows(db, assessment);
	const views: WorkstationView[] = [];
	for (const [i, { id, answers }] of rows.entries()) {
		const kept = await currentPlanOf(db, id);
		if (!kept) continue;
		const { workstation, advice, chosen } = kept;
		views.push({
			number: i + 1,
			corner: workstation,
			plan: planOffers(workstation, advice)[chosen]?.plan ?? null,
			drawnAs: chosenOption(answers, 'drawnAs')
		});
	}
	return views;
}
