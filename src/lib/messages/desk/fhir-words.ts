import { BODY_PLACES, bodyPlaceName } from '$lib/core/questionnaire/answers/discomfort-answers';
import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
import { CHECKLIST_STATIONS, type ChecklistStation } from '$lib/core/questionnaire/checklist/stations';
import type { Checklist } from '$lib/core/questionnaire/checklist/checklist';
import type { FhirWords } from '$lib/core/platform/fhir/fhir-words';
import { checklistTextsFor } from '../checklist';
import { messagesFor } from '../index';
import type { Catalogue } from '../shapes';
import { regionWords } from '../region-words';
import { plainWords } from '../words-by-facts';
import { deskWords } from './index';

/** Words by code, where the code may have none. */
type Words = Readonly<Record<string, string | undefined>>;

const isStation = (group: string): group is ChecklistStation =>
	CHECKLIST_STATIONS.some((station) => station === group);

/** The words about discomfort in one place: `pain.neck.worst`. */
function painWords(field: string, t: Catalogue): string | null {
	const place = BODY_PLACES.find((one) => field.startsWith(`pain.${bodyPlaceName(one)}.`));
	if (!place) return null;
	const part = field.slice(`pain.${bodyPlaceName(place)}.`.length);
	const { worst, days, hinders, kindOptions, partOptions } = t.discomfort;
	const [kind, inner = ''] = part.split('.');
	const words: Words = { worst, days, hinders };
	const of =
		kind === 'kind'
			? (kindOptions as Words)[inner]
			: kind === 'part'
				? (partOptions as Words)[inner]
				: words[part];
	return of ? `${regionWords(place, t)}: ${of}` : null;
}

function fieldWords(field: string, { own }: Checklist, t: Catalogue): string | null {
	const [kind = '', ...rest] = field.split('.');
	const name = rest.join('.');
	switch (kind) {
		case 'check': {
			const texts: Readonly<Record<string, { question: Parameters<typeof plainWords>[0] } | undefined>> =
				checklistTextsFor(t.locale, own).items;
			const asked = texts[name];
			return asked ? plainWords(asked.question) || null : null;
		}
		case 'sign':
			return (t.first.signs as Words)[name] ?? null;
		case 'pain':
			return painWords(field, t);
		case 'care':
			return (t.care.options as Words)[name] ?? null;
		case 'thing':
			return (deskWords.keeping.fhir.things as Words)[name] ?? null;
		default:
			return (t.fields as Words)[field] ?? null;
	}
}

function optionWords(field: string, value: string, { own }: Checklist, t: Catalogue): string | null {
	if (field.startsWith(checklistField(''))) {
		const texts: Readonly<Record<string, { answers: Words } | undefined>> = checklistTextsFor(
			t.locale,
			own
		).items;
		return texts[field.slice(checklistField('').length)]?.answers[value] ?? null;
	}
	if (/^pain\..*\.hinders$/.test(field)) return (t.discomfort.hindersOptions as Words)[value] ?? null;
	const options = t.options as unknown as Readonly<Record<string, Words | undefined>>;
	return options[field]?.[value] ?? { yes: t.first.yes, no: t.first.no }[value] ?? null;
}

/** The words of a FHIR bundle, in the desk's language. */
export function fhirWords(locale: string): FhirWords {
	const t = messagesFor(locale);
	const texts = deskWords.keeping.fhir;
	return {
		language: t.locale,
		title: texts.title,
		group: (group) => (isStation(group) ? checklistTextsFor(locale).stations[group] : texts.groups[group]),
		field: (field, checklist) => fieldWords(field, checklist, t),
		option: (field, value, checklist) => optionWords(field, value, checklist, t),
		region: (report) => regionWords(report, t),
		sign: (sign) => t.first.signs[sign],
		length: (name) => t.fields[name]
	};
}
