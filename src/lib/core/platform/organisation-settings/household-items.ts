import {
	THING_CHOICES,
	type ThingChoice,
	type ThingToAdd
} from '../../questionnaire/answers/household-things';
import type { HouseholdKind } from '../../workstation/corner/vocabulary';
import type { SettingsChange, SettingsFault } from './settings-change';
import { entryChanges } from './entry-changes';
import { languagesWithoutName, ownNameIn, type OwnNames } from './own-names';

/** Household items as an organisation offers them. */
export interface HouseholdSettings {
	/** Kinds offered, each with the size it starts with. */
	readonly kinds: readonly ThingChoice[];
	/** Items that employees of this organisation have, such as the box their laptop came in. */
	readonly own: readonly OwnHouseholdItem[];
}

/** An item that many employees of an organisation have. */
export interface OwnHouseholdItem extends ThingChoice {
	/** Tells it apart from the others; a button posts it. */
	readonly id: number;
	readonly names: OwnNames;
}

/** Most items of an organisation's own. Our assumption: one screen of them. */
export const MAX_OWN_HOUSEHOLD = 12;

/** The kinds that the software comes with. */
export const SHIPPED_HOUSEHOLD: HouseholdSettings = { kinds: THING_CHOICES, own: [] };

/** Every fault: a kind twice, an item of one's own without a name in a language that people read, or with another's number. */
export function householdFaults(
	{ kinds, own }: HouseholdSettings,
	languages: readonly string[]
): SettingsFault[] {
	const names = own.map((one) => ownNameIn(one.names, languages[0] ?? ''));
	return [
		...kinds.flatMap(({ kind }, i): SettingsFault[] =>
			kinds.findIndex((one) => one.kind === kind) === i
				? []
				: [{ code: 'settingsSameName', at: `/kinds/${i}`, name: kind }]
		),
		...own.flatMap((one, i): SettingsFault[] => {
			if (languagesWithoutName(one.names, languages).length > 0)
				return [{ code: 'settingsNoName', at: `/own/${i}/names`, name: names[i] || String(i + 1) }];
			return own.findIndex(({ id }) => id === one.id) === i && names.indexOf(names[i] ?? '') === i
				? []
				: [{ code: 'settingsSameName', at: `/own/${i}/names`, name: names[i] ?? '' }];
		})
	];
}

/** What another version offers, offers with another size, and no longer offers. */
export const householdChanges = (
	before: HouseholdSettings,
	after: HouseholdSettings,
	language: string
): SettingsChange[] => [
	...entryChanges<ThingChoice>(
		before.kinds,
		after.kinds,
		({ kind }) => kind,
		({ kind }) => kind
	),
	...entryChanges(
		before.own,
		after.own,
		({ id }) => String(id),
		({ names }) => ownNameIn(names, language)
	)
];

/** Household items as one language shows them. */
export interface HouseholdOffer {
	readonly kinds: readonly ThingChoice[];
	readonly own: readonly (ThingChoice & { readonly id: number; readonly name: string })[];
}

/** What employees who read a language are offered. */
export const householdOffer = ({ kinds, own }: HouseholdSettings, language: string): HouseholdOffer => ({
	kinds,
	own: own.map(({ names, ...one }) => ({ ...one, name: ownNameIn(names, language) }))
});

/** What everybody is offered where the organisation has published nothing. */
export const SHIPPED_OFFER: HouseholdOffer = { kinds: THING_CHOICES, own: [] };

/** The code of an organisation's own item, as a button posts it. */
export const ownThingCode = (id: number): string => `own-${id}`;

/**
 * The item behind a button: a kind, or an organisation's own.
 * @param nameOf the name of a kind
 * @returns null for any other code
 */
export function thingToAdd(
	code: string | undefined,
	{ kinds, own }: HouseholdOffer,
	nameOf: (kind: HouseholdKind) => string
): ThingToAdd | null {
	const kind = kinds.find((one) => one.kind === code);
	if (kind) return { ...kind, label: nameOf(kind.kind) };
	const added = own.find(({ id }) => ownThingCode(id) === code);
	return added ? { kind: added.kind, size: added.size, label: added.name, isOwn: true } : null;
}
