import { dayTrialOf, EVENING_FROM_MINUTE, trialDay } from '../../../core/questionnaire/answers/day-trial';
import type { Answers } from '../../../core/questionnaire/answers/fields';
import { zonedTimeToInstant } from '../../../core/platform/calendar/time-zone';
import type { LockedPerson } from '../../people/lock-person';
import type { PersonPlace } from '../../people/person-place';

/** Whether someone gets the question by email: not those who have left or asked us to stop, nor where emails come back. */
export const isAskedByEmail = ({
	leftAt,
	remindersStoppedAt,
	bouncedAt
}: Pick<LockedPerson, 'leftAt' | 'remindersStoppedAt' | 'bouncedAt'>): boolean =>
	leftAt === null && remindersStoppedAt === null && bouncedAt === null;

/**
 * When the question about the day of a trial is to be asked by email: in its evening, by the clock where the person is. Null where there is
 * none, and where that evening has begun: they see the question as they save this.
 */
export function trialQuestionAt(
	answers: Answers,
	{ zone }: Pick<PersonPlace, 'zone'>,
	now: Date
): Date | null {
	const trial = dayTrialOf(answers);
	const at = trial && trialDay(trial);
	if (!at) return null;
	const evening = zonedTimeToInstant(zone, at.on, EVENING_FROM_MINUTE);
	return evening > now ? evening : null;
}
