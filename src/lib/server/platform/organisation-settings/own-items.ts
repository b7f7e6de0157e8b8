import type { FindingId } from '../../../core/questionnaire/checklist/findings';
import { EYE_TEST, EYE_TEST_FINDINGS, isShippedItem, type EquipmentItem } from '../../../core/plan/equipment';
import { eyeTestFor } from '../../../core/platform/organisation-settings/eye-tests';
import { ownNameIn } from '../../../core/platform/organisation-settings/own-names';
import type { CatalogueItem } from '../../../core/platform/organisation-settings/equipment-catalogue';
import { messagesFor } from '../../../messages';
import type { Db } from '../db/client';
import { readSettings } from './read-settings';

/** An item as one language shows it. */
export interface OfferedItem {
	readonly code: EquipmentItem;
	/** Empty for items that the software comes with. */
	readonly name: string;
	readonly helps: readonly FindingId[];
}

const inLanguage =
	(language: string) =>
	({ code, names, helps }: CatalogueItem): OfferedItem => ({
		code,
		name: isShippedItem(code) ? '' : ownNameIn(names, language),
		helps
	});

const eyeTest = (language: string): OfferedItem => ({
	code: EYE_TEST,
	name: messagesFor(language).messages.eyeTest,
	helps: EYE_TEST_FINDINGS
});

/** What an employee can ask for, in a language: what the catalogue offers, and an eye test where they are entitled to one. Two key look-ups. */
export async function offeredItems(db: Db, language: string, country: string): Promise<OfferedItem[]> {
	const { settings } = await readSettings(db, 'equipment');
	const { settings: eyeTests } = await readSettings(db, 'eye-tests');
	return [
		...settings.items.filter(({ isOffered }) => isOffered).map(inLanguage(language)),
		...(eyeTestFor(eyeTests, country) ? [eyeTest(language)] : [])
	];
}

/** Names of what the organisation has added, by code, in a language. One key look-up. */
export async function ownItemNames(db: Db, language: string): Promise<Readonly<Record<string, string>>> {
	const { settings } = await readSettings(db, 'equipment');
	const own = settings.items.filter(({ code }) => !isShippedItem(code)).map(inLanguage(language));
	return Object.fromEntries(own.map(({ code, name }) => [code, name]));
}

/** What added items help with, by code. One key look-up. */
export async function helpedByOwnItems(db: Db): Promise<Readonly<Record<string, readonly FindingId[]>>> {
	const { settings } = await readSettings(db, 'equipment');
	return {
		...Object.fromEntries(settings.items.map(({ code, helps }) => [code, helps])),
		[EYE_TEST]: EYE_TEST_FINDINGS
	};
}
