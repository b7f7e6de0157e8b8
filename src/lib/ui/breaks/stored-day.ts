import { EXERCISES, type ExerciseId } from '$lib/core/breaks/exercise';
import type { BusyTime } from '$lib/core/breaks/day-plan';

/** A person's day and what they did, stored on this device only. Minutes from midnight. */
export interface StoredDay {
	readonly from: number;
	readonly to: number;
	/** Null for no lunch break. */
	readonly lunch: number | null;
	readonly lunchTakes: number;
	readonly walksCalls: boolean;
	/** Meetings of {@link busyOn}. */
	readonly busy: readonly (BusyTime & { readonly title: string })[];
	/** The date of the meetings, ISO; empty for those of a typical day, which apply to any. */
	readonly busyOn: string;
	/** The date of the breaks taken, ISO. */
	readonly takenOn: string;
	readonly taken: number;
	/** When each exercise was last done, ms since the epoch. */
	readonly doneAt: Readonly<Partial<Record<ExerciseId, number>>>;
	readonly dropped: readonly ExerciseId[];
	/** Breaks of the week beginning on this Monday, ISO: taken, and planned on the days worked. */
	readonly week: {
		readonly of: string;
		readonly taken: number;
		readonly planned: number;
		readonly days: readonly string[];
	};
	/** No exercises standing: for people who can't stand up, or don't want to. */
	readonly staysSeated: boolean;
	readonly hasChair: boolean;
	readonly hasDoorway: boolean;
	readonly sounds: boolean;
	readonly vibrates: boolean;
	readonly notifies: boolean;
	/** Short breaks are announced too. */
	readonly callsSmall: boolean;
}

/** The day of someone who has not said anything yet. */
export const DEFAULT_DAY: StoredDay = {
	from: 9 * 60,
	to: 17 * 60,
	lunch: 12 * 60 + 30,
	lunchTakes: 30,
	walksCalls: false,
	busy: [],
	busyOn: '',
	takenOn: '',
	taken: 0,
	doneAt: {},
	dropped: [],
	week: { of: '', taken: 0, planned: 0, days: [] },
	staysSeated: false,
	hasChair: true,
	hasDoorway: false,
	sounds: false,
	vibrates: false,
	notifies: false,
	callsSmall: false
};

const nameOf = (token: string) => `easy-corner day /c/${token.replace(/-\d$/, '')}`;

const isMinute = (value: unknown): value is number =>
	typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= 24 * 60;

/** Whether a stored value has the type of the default one; a device may hold another version's data, or broken data. */
function isOfKind(name: keyof StoredDay, value: unknown): boolean {
	const usual = DEFAULT_DAY[name];
	if (name === 'lunch') return value === null || isMinute(value);
	if (name === 'from' || name === 'to' || name === 'lunchTakes') return isMinute(value);
	if (name === 'busy')
		return (
			Array.isArray(value) &&
			value.every((one: BusyTime | null) => one && isMinute(one.from) && isMinute(one.to))
		);
	if (name === 'dropped')
		return Array.isArray(value) && value.every((id: ExerciseId) => EXERCISES.includes(id));
	if (name === 'week')
		return typeof value === 'object' && value !== null && Array.isArray((value as { days?: unknown }).days);
	return typeof value === typeof usual && value !== null;
}

/** A stored day; the default for whatever is missing or broken. */
export function readStoredDay(device: Storage | null, token: string): StoredDay {
	let kept: unknown = null;
	try {
		kept = JSON.parse(device?.getItem(nameOf(token)) ?? 'null');
	} catch {
		// Broken or forbidden: as if nothing was stored.
	}
	if (typeof kept !== 'object' || kept === null) return DEFAULT_DAY;
	const whole = Object.entries(kept).filter(
		([name, value]) => Object.hasOwn(DEFAULT_DAY, name) && isOfKind(name as keyof StoredDay, value)
	);
	const day = { ...DEFAULT_DAY, ...(Object.fromEntries(whole) as Partial<StoredDay>) };
	return day.to > day.from ? day : { ...day, from: DEFAULT_DAY.from, to: DEFAULT_DAY.to };
}

/** Stores the day on the device; where that fails, the page works without. */
export function storeDay(device: Storage | null, token: string, day: StoredDay): void {
	try {
		device?.setItem(nameOf(token), JSON.stringify(day));
	} catch {
		// Full or forbidden: the day lasts while the page is open.
	}
}
