import type { DaysOffSettings } from './days-off';
import type { EquipmentSettings } from './equipment-catalogue';
import type { EyeTestSettings } from './eye-tests';
import type { HouseholdSettings } from './household-items';
import type { OfferedSettings } from './offered';
import type { PurchasingFileSettings } from './purchasing-file';
import type { TeamSettings } from './teams';

/** Areas of settings that an organisation publishes, each with versions of its own. */
export const SETTINGS_AREAS = [
	'choices',
	'days-off',
	'household-items',
	'equipment',
	'purchasing-file',
	'eye-tests',
	'teams'
] as const;

/** One of {@link SETTINGS_AREAS}. */
export type SettingsArea = (typeof SETTINGS_AREAS)[number];

/** The settings of each area. */
export interface SettingsByArea {
	readonly choices: OfferedSettings;
	readonly 'days-off': DaysOffSettings;
	readonly 'household-items': HouseholdSettings;
	readonly equipment: EquipmentSettings;
	readonly 'purchasing-file': PurchasingFileSettings;
	readonly 'eye-tests': EyeTestSettings;
	readonly teams: TeamSettings;
}
