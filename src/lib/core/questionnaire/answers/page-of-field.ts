import { CHECKLIST_VERSIONS } from '../checklist/checklist';
import { stationOfOwnId } from '../checklist/own-ids';
import { CHOICE_FIELDS, LENGTH_FIELDS } from './fields';
import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './questionnaire-pages';
import { STATIONS_OF_PAGE } from './checklist-fields';

/** The page on which a field is asked. */
export function pageOfField(name: string): QuestionnairePage {
	const [kind = '', id = ''] = name.split('.');
	if (kind === 'cant') return pageOfField(id);
	if (kind === 'sign') return 'first';
	// Plan answers come after the last page.
	if (kind === 'tick' || kind === 'still') return 'house';
	if (kind === 'pain' || kind === 'care') return 'discomfort';
	// A picture shows the whole person; a length from it belongs where that is asked.
	if (kind === 'photo') return Object.hasOwn(LENGTH_FIELDS, id) ? pageOfField(id) : 'screen';
	if (kind === 'check') {
		const station =
			stationOfOwnId(id) ??
			CHECKLIST_VERSIONS.flatMap(({ items }) => items).find((item) => item.id === id)?.station;
		return QUESTIONNAIRE_PAGES.find((page) => station && STATIONS_OF_PAGE[page]?.includes(station)) ?? 'spot';
	}
	if (Object.hasOwn(LENGTH_FIELDS, name)) return LENGTH_FIELDS[name as keyof typeof LENGTH_FIELDS].page;
	if (Object.hasOwn(CHOICE_FIELDS, name)) return CHOICE_FIELDS[name as keyof typeof CHOICE_FIELDS].page;
	return 'house';
}
