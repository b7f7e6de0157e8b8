import { FINDING_IDS, type FindingId } from '../../../core/questionnaire/checklist/findings';
import { isOwnId } from '../../../core/questionnaire/checklist/own-ids';
import { findingStates, type FindingTicks } from '../../../core/cases/case-assessment/open-findings';
import type { Db } from '../../platform/db/client';
import { loadCaseRecord, type LoadedCaseRecord } from '../case-assessments/load-case-record';
import { readPersonPlace } from '../../people/lock-person';

/** The state of each finding of the newest answers. */
export function findingTicksOf({ file }: Pick<LoadedCaseRecord, 'file'>): FindingTicks {
	return Object.fromEntries(findingStates(file).map(({ id, how }) => [id, how]));
}

/** Findings that a person has fixed: a check-in asks whether they still are. */
export async function findingsAskedAbout(db: Db, personId: string, now: Date): Promise<FindingId[]> {
	const person = await readPersonPlace(db, personId);
	if (!person) return [];
	const { file } = await loadCaseRecord(db, person, now);
	const done = findingStates(file).filter(({ how }) => how === 'done');
	const ids: readonly FindingId[] = [...FINDING_IDS, ...done.map(({ id }) => id).filter((id) => isOwnId(id))];
	return ids.filter((id) => done.some((one) => one.id === id));
}
