import type { SettingsArea, SettingsByArea } from './areas';
import type { SettingsChange } from './settings-change';
import { daysOffChanges } from './days-off';
import { equipmentChanges } from './equipment-catalogue';
import { eyeTestChanges } from './eye-tests';
import { householdChanges } from './household-items';
import { offeredChanges } from './offered';
import { purchasingChanges } from './purchasing-file';
import { teamChanges } from './teams';

/** @param language in which own names are given */
type Changes<S> = (before: S, after: S, language: string) => SettingsChange[];

const CHANGES: { readonly [A in SettingsArea]: Changes<SettingsByArea[A]> } = {
	choices: offeredChanges,
	'days-off': daysOffChanges,
	'household-items': householdChanges,
	equipment: equipmentChanges,
	'purchasing-file': purchasingChanges,
	'eye-tests': eyeTestChanges,
	teams: teamChanges
};

/**
 * How two versions of an area differ.
 * @param language in which own names are given
 */
export const settingsChangesOf = <A extends SettingsArea>(
	area: A,
	before: SettingsByArea[A],
	after: SettingsByArea[A],
	language: string
): SettingsChange[] => CHANGES[area](before, after, language);
