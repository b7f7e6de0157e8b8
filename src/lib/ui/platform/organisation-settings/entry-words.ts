import { isEquipmentItem } from '$lib/core/plan/equipment';
import type { SettingsArea } from '$lib/core/platform/organisation-settings/areas';
import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import type { BreakSchedule } from '$lib/core/breaks/break-schedules';
import { breakTextsFor } from '$lib/messages/breaks';
import { deskCatalogue, deskWords } from '$lib/messages/desk';
import { countryWords } from '$lib/messages/reader-formats';
import { itemWords } from '$lib/messages/desk/workforce-words';

/** An entry of an area in words: what the software comes with by its code, everything else by the name that people gave it. */
export function entryWords(area: SettingsArea, name: string): string {
	const t = deskCatalogue();
	switch (area) {
		case 'choices': {
			if (Object.hasOwn(t.ways, name)) return t.ways[name as SittingStyle].name.split(':')[0] ?? name;
			const { breakSchedules } = breakTextsFor(t.locale);
			return Object.hasOwn(breakSchedules, name) ? breakSchedules[name as BreakSchedule].name : name;
		}
		case 'household-items':
			return Object.hasOwn(t.things.names, name) ? t.things.names[name as keyof typeof t.things.names] : name;
		case 'equipment':
			return isEquipmentItem(name) ? itemWords(name) : name;
		case 'eye-tests':
			return name === '' ? deskWords.settings.eyeTests.otherCountries : countryWords(name);
		default:
			return name;
	}
}
