import type { CivilDate } from '../calendar';
import type { PersonFile } from './file';
import type { Thing } from './vocabulary';

/** Where one thing of the plan stands. */
export interface ThingState {
	readonly thing: Thing;
	/** The day on which it was last carried out; null where it never was. */
	readonly done: CivilDate | null;
	/** The day since which it no longer stands; null while it does. */
	readonly undone: CivilDate | null;
	readonly stands: boolean;
}

/** The things of the plan, each with what check-ins say of it. */
export function thingStates({ plan, checkIns }: Pick<PersonFile, 'plan' | 'checkIns'>): ThingState[] {
	return (plan?.things ?? []).map(({ thing, done, undone }) => {
		const named = checkIns
			.filter((c) => c.undone.includes(thing) && (done === null || c.on >= done))
			.map(({ on }) => on)
			.sort()
			.at(-1);
		const since = undone ?? named ?? null;
		return { thing, done, undone: since, stands: done !== null && since === null };
	});
}

/** The day on which the plan was carried out: every thing stands, and the last was done then; null where it is not. */
export function carriedOutOn(things: readonly ThingState[]): CivilDate | null {
	if (things.length === 0 || things.some(({ stands }) => !stands)) return null;
	return things.map(({ done }) => done).reduce((last, day) => (last && day && last > day ? last : day), null);
}
