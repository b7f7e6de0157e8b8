import { eq } from 'drizzle-orm';
import { precautionsOf } from '../../core/questionnaire/answers/precaution-answers';
import { chosenOption } from '../../core/questionnaire/answers/fields';
import type { Region } from '../../core/cases/discomfort/regions';
import { bodyConditionOf } from '../../core/breaks/body-condition';
import type { BreakSchedule } from '../../core/breaks/break-schedules';
import type { BreakProfile } from '../../core/breaks/break-profile';
import { spotRows } from '../questionnaire/assessments/spots';
import type { OpenAssessment } from '../questionnaire/assessments/open-assessment';
import { schema, type Db } from '../platform/db/client';
import { loadCaseRecord } from '../cases/case-assessments/load-case-record';
import { readSettings } from '../platform/organisation-settings/read-settings';
import { readPersonPlace } from '../people/lock-person';
import { readRules } from '../platform/rules/read-rules';

const { breakSettings } = schema;

/** What a person takes along when changing places. */
type CarriedOverPlan = 'laptop' | 'keyboard' | 'mouse';

export interface BreaksPage extends BreakProfile {
	readonly carried: readonly CarriedOverPlan[];
	readonly offeredSchedules: readonly BreakSchedule[];
}

/** Reads what a person's day is planned from: their own choices, discomfort now, and where they can work. */
export async function readBreaksPage(db: Db, open: OpenAssessment, now: Date): Promise<BreaksPage> {
	const { assessment, actor } = open;
	const [[chosen], rows, person] = await Promise.all([
		db.select().from(breakSettings).where(eq(breakSettings.personId, actor.personId)),
		spotRows(db, assessment),
		readPersonPlace(db, actor.personId)
	]);
	const bodily = person
		? bodyConditionOf((await loadCaseRecord(db, person, now)).file, (await readRules(db)).rules.policy)
		: { worst: {}, signs: [], hasOtherSign: false, hasUrgentSign: false };
	const main = rows[0]?.answers ?? assessment.answers;
	const isLaptop = chosenOption(main, 'screenKind') === 'laptop';
	const hasOwnKeys = chosenOption(main, 'keysKind') !== 'built-in';
	return {
		sentBreakSchedule: assessment.breakSchedule,
		chosenBreakSchedule: chosen?.breakSchedule ?? null,
		offeredSchedules: (await readSettings(db, 'choices')).settings.breakSchedules,
		share: chosen?.share ?? 'moving',
		isShared: (chosen?.sharedAt ?? null) !== null,
		body: {
			...bodily,
			isInWheelchair: chosenOption(main, 'seatKind') === 'wheelchair',
			care: precautionsOf(main),
			arms: chosenOption(main, 'arms')
		},
		hurts: (Object.keys(bodily.worst) as Region[]).filter((region) => (bodily.worst[region] ?? 0) > 0),
		isLaptopAlone: isLaptop && !hasOwnKeys,
		places: rows.map(({ answers }, i) => ({
			number: i + 1,
			posture: answers.posture === 'standing' ? 'standing' : 'sitting'
		})),
		carried: [
			...(isLaptop ? (['laptop'] as const) : []),
			...(hasOwnKeys ? (['keyboard', 'mouse'] as const) : [])
		]
	};
}
