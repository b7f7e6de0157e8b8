/** Where a text that is being written is kept until it is sent: in this tab alone, since others may sit at the device tomorrow. */
const nameOf = (action: string) => `draft ${action}`;

/** What was being written, or the text that is offered where nothing was. */
export function readDraft(action: string, offered: string): string {
	if (typeof sessionStorage === 'undefined') return offered;
	return sessionStorage.getItem(nameOf(action)) ?? offered;
}

/** Keeps what is being written; what is as it was offered need not be kept. */
export function storeDraft(action: string, text: string, offered: string): void {
	if (text === offered) sessionStorage.removeItem(nameOf(action));
	else sessionStorage.setItem(nameOf(action), text);
}
