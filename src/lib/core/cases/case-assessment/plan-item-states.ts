import type { CivilDate } from '../../platform/calendar/civil-date';
import { latestEntry, type CaseRecord } from './case-record';
import type { PlanItem } from './vocabulary';

/** The state of one plan item. */
export interface PlanItemState {
	readonly thing: PlanItem;
	/** When it was last carried out; null if never. */
	readonly done: { readonly seq: number; readonly on: CivilDate } | null;
	/** The day since which it is no longer in place; null while it is, and where it was never carried out. */
	readonly undone: CivilDate | null;
	readonly stands: boolean;
}

/** The plan items, each with what check-ins report. */
export function planItemStates({ plan, checkIns }: Pick<CaseRecord, 'plan' | 'checkIns'>): PlanItemState[] {
	return (plan?.things ?? []).map(({ thing, done, undone }) => {
		if (done === null) return { thing, done, undone: null, stands: false };
		const named = checkIns.filter((c) => c.undone.includes(thing));
		const since = latestEntry([...named, ...(undone ? [undone] : [])].filter(({ seq }) => seq > done.seq));
		return { thing, done, undone: since?.on ?? null, stands: since === null };
	});
}
