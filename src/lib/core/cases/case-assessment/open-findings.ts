import type { CivilDate } from '../../platform/calendar/civil-date';
import type { Region } from '../discomfort/regions';
import { latestEntry, newestAnswers, type CaseRecord } from './case-record';
import type { FindingTick } from './vocabulary';

/** A finding of the newest answers that is not fixed. */
export interface OpenFinding {
	readonly id: string;
	readonly isHazard: boolean;
	/** The day of the answers, or of the latest check-in that reports it undone. */
	readonly on: CivilDate;
	/** A hazard that the person says cannot be fixed where they work; it stays a hazard. */
	readonly isRefused: boolean;
	/** The regions it is tied to, where the organisation has added it; by its id if left out. */
	readonly regions?: readonly Region[];
}

/** Findings of the newest answers, each with the tick that decides; null where there is none after the answers. */
function decidedFindings(file: Pick<CaseRecord, 'answers' | 'ticks'>) {
	const answers = newestAnswers(file);
	return (answers?.findings ?? []).map(({ id, safety, regions }) => ({
		id,
		safety,
		...(regions && { regions }),
		on: answers?.on as CivilDate,
		tick: latestEntry(file.ticks.filter((tick) => tick.finding === id && tick.seq > (answers?.seq ?? 0)))
	}));
}

/** The latest check-in that reports something done as undone since. */
const undoneSince = ({ checkIns }: Pick<CaseRecord, 'checkIns'>, what: string, seq: number) =>
	latestEntry(checkIns.filter((c) => c.seq > seq && c.undone.includes(what)));

/** Open findings: untouched, undone again, or a hazard that was refused. In the order of the answers. */
export function openFindings(file: Pick<CaseRecord, 'answers' | 'ticks' | 'checkIns'>): OpenFinding[] {
	return decidedFindings(file).flatMap(({ id, safety, on, tick, regions }): OpenFinding[] => {
		const open = { id, isHazard: safety, on, isRefused: false, ...(regions && { regions }) };
		if (!tick) return [open];
		if (tick.how === 'not-here') return safety ? [{ ...open, isRefused: true }] : [];
		const undone = undoneSince(file, id, tick.seq);
		return undone ? [{ ...open, on: undone.on }] : [];
	});
}

/** How each finding was ticked, by name; null where it is open. */
export type FindingTicks = Partial<Readonly<Record<string, FindingTick | null>>>;

/** The state of each finding of the newest answers: how it was ticked, or null where it is open or was reopened. */
export function findingStates(
	file: Pick<CaseRecord, 'answers' | 'ticks' | 'checkIns'>
): { readonly id: string; readonly how: FindingTick | null }[] {
	return decidedFindings(file).map(({ id, tick }) => ({
		id,
		how: tick && !(tick.how === 'done' && undoneSince(file, id, tick.seq)) ? tick.how : null
	}));
}

/** The days on which the findings of the newest answers were ticked. */
export const findingTickDays = (file: Pick<CaseRecord, 'answers' | 'ticks'>): CivilDate[] =>
	decidedFindings(file).flatMap(({ tick }) => tick?.on ?? []);
