import { Type, type TSchema } from 'typebox';
import type { Checked } from '../issue';
import { compileSchema } from '../schema/compile-schema';
import type { SettingsArea, SettingsByArea } from './areas';
import type { SettingsFault } from './settings-change';
import { daysOffFaults, NO_DAYS_OFF } from './days-off';
import { completeCatalogue, equipmentFaults, SHIPPED_EQUIPMENT } from './equipment-catalogue';
import { eyeTestFaults, SHIPPED_EYE_TESTS } from './eye-tests';
import { householdFaults, SHIPPED_HOUSEHOLD } from './household-items';
import { ALL_OFFERED, offeredFaults } from './offered';
import {
	daysOffSchema,
	equipmentSettingsSchema,
	eyeTestsSchema,
	householdSchema,
	offeredSchema,
	purchasingFileSchema,
	teamsSchema
} from './settings-schemas';
import { purchasingFaults, USUAL_PURCHASING_FILE } from './purchasing-file';
import { NO_TEAMS, teamFaults } from './teams';

/** How the settings of an area are checked. */
interface AreaRules<S> {
	/** Those that the software comes with. */
	readonly original: S;
	readonly schema: TSchema;
	/** @param languages those in which employees read */
	readonly faults: (settings: S, languages: readonly string[]) => SettingsFault[];
	/** Adds what a newer version of the software comes with. */
	readonly complete?: (settings: S) => S;
}

const RULES: { readonly [A in SettingsArea]: AreaRules<SettingsByArea[A]> } = {
	choices: { original: ALL_OFFERED, schema: offeredSchema, faults: offeredFaults },
	'days-off': {
		original: NO_DAYS_OFF,
		schema: daysOffSchema,
		faults: daysOffFaults
	},
	'household-items': {
		original: SHIPPED_HOUSEHOLD,
		schema: householdSchema,
		faults: householdFaults
	},
	equipment: {
		original: SHIPPED_EQUIPMENT,
		schema: equipmentSettingsSchema,
		faults: equipmentFaults,
		complete: completeCatalogue
	},
	'purchasing-file': {
		original: USUAL_PURCHASING_FILE,
		schema: purchasingFileSchema,
		faults: purchasingFaults
	},
	'eye-tests': { original: SHIPPED_EYE_TESTS, schema: eyeTestsSchema, faults: eyeTestFaults },
	teams: { original: NO_TEAMS, schema: teamsSchema, faults: teamFaults }
};

/** The settings of an area that the software comes with. */
export const originalSettings = <A extends SettingsArea>(area: A): SettingsByArea[A] => RULES[area].original;

/** Stored settings with what this version of the software comes with. */
export const completeAreaSettings = <A extends SettingsArea>(
	area: A,
	settings: SettingsByArea[A]
): SettingsByArea[A] => RULES[area].complete?.(settings) ?? settings;

/** Why settings can't be published; empty where they can. */
export const settingsFaults = <A extends SettingsArea>(
	area: A,
	settings: SettingsByArea[A],
	languages: readonly string[]
): SettingsFault[] => RULES[area].faults(settings, languages);

/** Name of the file format in which an area's settings go from one installation to another. */
export const settingsFormat = <A extends SettingsArea>(area: A): `easy-corner.${A}/1` =>
	`easy-corner.${area}/1`;

const checks = new Map<SettingsArea, (value: unknown) => Checked<unknown>>();

/** A document with every text in it without blanks at its ends: two names that look the same are the same. */
function trimmed(value: unknown): unknown {
	if (typeof value === 'string') return value.trim();
	if (Array.isArray(value)) return value.map(trimmed);
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, trimmed(inner)]));
}

/**
 * Checks settings from outside by their schema, with blanks at the ends of texts removed; {@link settingsFaults} finds what a schema can't
 * express.
 */
export function validateSettings<A extends SettingsArea>(
	area: A,
	value: unknown
): Checked<SettingsByArea[A]> {
	const check = checks.get(area) ?? compileSchema<unknown>(RULES[area].schema);
	checks.set(area, check);
	return check(trimmed(value)) as Checked<SettingsByArea[A]>;
}

/** Checks a file of settings from outside. */
export function validateSettingsFile<A extends SettingsArea>(
	area: A,
	value: unknown
): Checked<{ readonly settings: SettingsByArea[A] }> {
	const check = compileSchema<{ readonly settings: SettingsByArea[A] }>(
		Type.Object(
			{ format: Type.Literal(settingsFormat(area)), settings: RULES[area].schema },
			{ additionalProperties: false }
		)
	);
	return check(trimmed(value));
}
