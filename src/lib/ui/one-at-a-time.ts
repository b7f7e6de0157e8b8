/** Whether the page is so narrow that one question is shown at a time: as the page's style has it. */
export function isOneAtATime(): boolean {
	return window.matchMedia('(max-width: 61.99rem)').matches;
}
