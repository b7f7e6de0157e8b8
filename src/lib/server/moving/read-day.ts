import { eq } from 'drizzle-orm';
import { caresOf, choiceOf } from '../../core/answers';
import type { Region } from '../../core/discomfort';
import { bodilyOf } from '../../core/moving/bodily-of-file';
import type { MovingProfile } from '../../core/moving/profile';
import { RULES_IN_FORCE } from '../../core/rules';
import { spotRows } from '../assessments/spots';
import type { OpenAssessment } from '../assessments/open-assessment';
import { schema, type Db } from '../db/client';
import { readFile } from '../judgements/read-file';
import { lookAtPerson } from '../people/lock-person';

const { moving } = schema;

/** What goes along when somebody changes their place. */
export type Carried = 'laptop' | 'keyboard' | 'mouse';

/** What the pages of moving are made of. */
export interface MovingPage extends MovingProfile {
	readonly carried: readonly Carried[];
}

/** Reads what a person's day is planned from: their own choices, what hurts now, and where they can work. */
export async function readMoving(db: Db, open: OpenAssessment, now: Date): Promise<MovingPage> {
	const { assessment, actor } = open;
	const [[chosen], rows, person] = await Promise.all([
		db.select().from(moving).where(eq(moving.personId, actor.personId)),
		spotRows(db, assessment),
		lookAtPerson(db, actor.personId)
	]);
	const bodily = person
		? bodilyOf((await readFile(db, person, now)).file, RULES_IN_FORCE.policy)
		: { worst: {}, signs: [], hasOtherSign: false, hasUrgentSign: false };
	const main = rows[0]?.answers ?? assessment.answers;
	const isLaptop = choiceOf(main, 'screenKind') === 'laptop';
	const hasOwnKeys = choiceOf(main, 'keysKind') !== 'built-in';
	return {
		setRhythm: assessment.rhythm,
		ownRhythm: chosen?.rhythm ?? null,
		share: chosen?.share ?? 'moving',
		isShared: (chosen?.sharedAt ?? null) !== null,
		body: {
			...bodily,
			isInWheelchair: choiceOf(main, 'seatKind') === 'wheelchair',
			care: caresOf(main),
			arms: choiceOf(main, 'arms')
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
