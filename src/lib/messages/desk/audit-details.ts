import { isEquipmentItem } from '$lib/core/plan/equipment';
import { countryWords } from '../reader-formats';
import { LANGUAGE_NAMES } from '../languages';
import { dayWords } from '../dates';
import { deskCatalogue, deskWords } from './index';
import { codeWords, itemWords } from './workforce-words';

type Table = Readonly<Record<string, string>>;

const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/;

/** The text for a code from the first table that has it; otherwise the code itself, as in lines of an older version. */
const wordsOf = (code: string, ...tables: readonly Table[]): string =>
	tables.find((table) => Object.hasOwn(table, code))?.[code] ?? code;

/** A detail's value in words, which depend on its name and type. */
function valueWords(name: string, value: string): string {
	const {
		keeping,
		accounts,
		contacts,
		effect,
		followUps,
		organisation,
		requests,
		settings,
		triage,
		timeline
	} = deskWords;
	const t = deskCatalogue();
	if (ISO_DAY.test(value)) return dayWords(value, 'medium');
	switch (name) {
		case 'list':
			return wordsOf(value, keeping.lists);
		case 'by':
			return wordsOf(value, keeping.signInWays);
		case 'finding':
		case 'purchase':
		case 'thing':
			return isEquipmentItem(value) ? itemWords(value) : codeWords(value);
		case 'area':
			return wordsOf(
				value,
				Object.fromEntries(Object.entries(settings.areas).map(([area, { link }]) => [area, link]))
			);
		case 'place':
			return wordsOf(value, t.steps.places);
		case 'language':
			return wordsOf(value, LANGUAGE_NAMES);
		case 'country':
			return countryWords(value);
		case 'result':
			return wordsOf(value, contacts.result);
		case 'kind':
			return wordsOf(value, followUps.purposes, organisation.emailNames);
		case 'to':
			return wordsOf(value, requests.states);
		case 'how':
			return wordsOf(value, triage.lifted, timeline.problemTicked);
		case 'why':
			return wordsOf(value, keeping.reasons);
		case 'way':
			return t.ways[value as keyof typeof t.ways]?.name ?? value;
		case 'route':
			return wordsOf(value, effect.routes);
		case 'role':
			return wordsOf(value, {
				coordinator: accounts.coordinator,
				clinician: accounts.clinician,
				reader: accounts.analyst
			});
		case 'act':
			return wordsOf(value, deskWords.states.deskActs);
		default:
			return value;
	}
}

/** The details of an audit-log line, each with its name. */
export function detailWords(detail: Readonly<Record<string, string | number>>): string[] {
	const names: Table = deskWords.keeping.detailNames;
	return Object.entries(detail)
		.filter(([, value]) => value !== '')
		.map(([name, value]) => deskWords.keeping.detail(wordsOf(name, names), valueWords(name, String(value))));
}
