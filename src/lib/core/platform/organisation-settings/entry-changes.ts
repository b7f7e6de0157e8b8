import type { CivilDate } from '../calendar/civil-date';
import { sameDocument } from '../same-document';
import type { SettingsChange } from './settings-change';

/**
 * How two lists of entries differ, in the order of the newer list, removed ones last.
 * @param keyOf names an entry for good
 * @param nameOf gives what people read
 * @param dayOf gives the day that an entry is about; null for none
 */
export function entryChanges<T>(
	before: readonly T[],
	after: readonly T[],
	keyOf: (entry: T) => string,
	nameOf: (entry: T) => string,
	dayOf: (entry: T) => CivilDate | null = () => null
): SettingsChange[] {
	const change = (how: SettingsChange['how'], entry: T): SettingsChange => {
		const on = dayOf(entry);
		return { how, name: nameOf(entry), ...(on === null ? {} : { on }) };
	};
	const [known, kept] = [before, after].map((all) => new Map(all.map((one) => [keyOf(one), one])));
	return [
		...after.flatMap((one): SettingsChange[] => {
			const old = known?.get(keyOf(one));
			if (old === undefined) return [change('added', one)];
			return sameDocument(old, one) ? [] : [change('changed', one)];
		}),
		...before.filter((one) => !kept?.has(keyOf(one))).map((one) => change('removed', one))
	];
}
