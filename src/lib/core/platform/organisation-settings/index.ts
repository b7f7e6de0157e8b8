export { SETTINGS_AREAS, type SettingsArea, type SettingsByArea } from './areas';
export { type SettingsChange, type SettingsFault } from './settings-change';
export { withDaysOff, type DayOff, type DaysOffSettings } from './days-off';
export { MAX_PRICE_CENTS, type CatalogueItem, type EquipmentSettings } from './equipment-catalogue';
export { EYE_TEST_LENGTHS, eyeTestFor, howToHaveEyeTest, type EyeTestEntitlement } from './eye-tests';
export {
	householdOffer,
	ownThingCode,
	SHIPPED_OFFER,
	thingToAdd,
	type HouseholdOffer,
	type HouseholdSettings,
	type OwnHouseholdItem
} from './household-items';
export { ALL_OFFERED, type OfferedSettings } from './offered';
export { OWN_NAME_LENGTH, ownNameIn, type OwnNames } from './own-names';
export {
	FIXED_COLUMN,
	MAX_PURCHASING_COLUMNS,
	PURCHASING_LENGTHS,
	purchasingTable,
	type PurchasingColumn,
	type PurchasingContent
} from './purchasing-file';
export { TEAM_NAME_LENGTH, teamRenames, teamsWith, type Team, type TeamSettings } from './teams';
