import { CHOICE_FIELDS, LENGTH_FIELDS, type Page } from './fields';

/** The page on which a field is asked. */
export function pageOfField(name: string): Page {
	if (Object.hasOwn(LENGTH_FIELDS, name)) return LENGTH_FIELDS[name as keyof typeof LENGTH_FIELDS].page;
	if (Object.hasOwn(CHOICE_FIELDS, name)) return CHOICE_FIELDS[name as keyof typeof CHOICE_FIELDS].page;
	return 'house';
}
