import type { CivilDate } from '../calendar';
import { latestEntry, newestAnswers, type CaseRecord } from './case-record';
import type { FindingTick } from './vocabulary';

/** A finding of the newest answers that is not put right. */
export interface OpenFinding {
	readonly id: string;
	readonly isHazard: boolean;
	/** The day of the answers, or of the latest check-in that says that it came undone. */
	readonly on: CivilDate;
	/** A hazard that the person says can't be put right where they work: it stays one. */
	readonly isRefused: boolean;
}

/** A finding of the newest answers, with the tick that decides; null where none came later than the answers. */
function decidedFindings(file: Pick<CaseRecord, 'answers' | 'ticks'>) {
	const answers = newestAnswers(file);
	return (answers?.findings ?? []).map(({ id, safety }) => ({
		id,
		safety,
		on: answers?.on as CivilDate,
		tick: latestEntry(file.ticks.filter((tick) => tick.finding === id && tick.seq > (answers?.seq ?? 0)))
	}));
}

/** The latest check-in that says of something done that it came undone since. */
const undoneSince = ({ checkIns }: Pick<CaseRecord, 'checkIns'>, what: string, seq: number) =>
	latestEntry(checkIns.filter((c) => c.seq > seq && c.undone.includes(what)));

/** The findings that are open: untouched, come undone again, or a hazard that was refused. In the order of the answers. */
export function openFindings(file: Pick<CaseRecord, 'answers' | 'ticks' | 'checkIns'>): OpenFinding[] {
	return decidedFindings(file).flatMap(({ id, safety, on, tick }): OpenFinding[] => {
		const open = { id, isHazard: safety, on, isRefused: false };
		if (!tick) return [open];
		if (tick.how === 'not-here') return safety ? [{ ...open, isRefused: true }] : [];
		const undone = undoneSince(file, id, tick.seq);
		return undone ? [{ ...open, on: undone.on }] : [];
	});
}

/** How each finding was ticked, by its name; null where it is open. */
export type FindingTicks = Partial<Readonly<Record<string, FindingTick | null>>>;

/** What became of each finding of the newest answers: how it was ticked, null where it is open again or was never. */
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
