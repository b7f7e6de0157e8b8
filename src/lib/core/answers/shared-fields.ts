import { BODY_FIELDS } from './fields';
import { pageOfField } from './page-of-field';

const BODY: ReadonlySet<string> = new Set([...BODY_FIELDS.sitting, ...BODY_FIELDS.standing]);

/** Pages that are about the person and the house, whichever spot is asked about. */
const SHARED_PAGES: readonly string[] = ['first', 'you', 'discomfort', 'house'];

/** Whether a field is the same at every spot of one person: their own lengths, their discomfort, what is in the house. */
export function isShared(field: string): boolean {
	return BODY.has(field) || (SHARED_PAGES.includes(pageOfField(field)) && !field.startsWith('tick.'));
}

/** The fields that every spot of one person has in common. */
export function sharedFields(fields: Readonly<Record<string, string>>): Record<string, string> {
	return Object.fromEntries(Object.entries(fields).filter(([name]) => isShared(name)));
}
