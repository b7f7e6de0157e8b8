/** The day at a moment in a time zone, as an ISO date. */
export function isoDay(moment: Date, timeZone: string): string {
	// Swedish writes dates as ISO 8601 does.
	return new Intl.DateTimeFormat('sv-SE', {
		timeZone,
		year: 'numeric',
		month: '2-digit',
		day: '2-digit'
	}).format(moment);
}

/** An ISO date some days later. */
export function addDays(isoDate: string, days: number): string {
	const date = new Date(`${isoDate}T00:00:00Z`);
	date.setUTCDate(date.getUTCDate() + days);
	return date.toISOString().slice(0, 10);
}

/** Whether a text is a day that exists, written as an ISO date. */
export function isIsoDay(text: string): boolean {
	if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
	const date = new Date(`${text}T00:00:00Z`);
	return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(text);
}
