/** Name under which a draft is stored until it is sent: only in this tab, since others may use the device tomorrow. */
const nameOf = (action: string) => `draft ${action}`;

/** The draft, or the suggested text where there is none. */
export function readDraft(action: string, offered: string): string {
	if (typeof sessionStorage === 'undefined') return offered;
	return sessionStorage.getItem(nameOf(action)) ?? offered;
}

/** Stores a draft; an unchanged suggestion need not be stored. */
export function storeDraft(action: string, text: string, offered: string): void {
	if (text === offered) sessionStorage.removeItem(nameOf(action));
	else sessionStorage.setItem(nameOf(action), text);
}
