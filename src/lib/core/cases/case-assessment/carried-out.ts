import type { CivilDate } from '../../platform/calendar/civil-date';
import { newestAnswers, type CaseRecord } from './case-record';
import { openFindings, findingTickDays } from './open-findings';
import { planItemStates } from './plan-item-states';

const lastOf = (days: readonly CivilDate[]) => [...days].sort().at(-1) ?? null;

/**
 * The day on which everything was carried out: every plan item is in place and no finding is open. The last such day; the day of the newest
 * answers where there was nothing to do; null while anything is left, or nothing is known.
 */
export function carriedOutOn(file: CaseRecord): CivilDate | null {
	const things = planItemStates(file);
	if (things.some(({ stands }) => !stands) || openFindings(file).length > 0) return null;
	const days = [...things.flatMap(({ done }) => done?.on ?? []), ...findingTickDays(file)];
	return lastOf(days) ?? newestAnswers(file)?.on ?? null;
}
