/** Whether the page is so narrow that its style shows one question at a time. */
export function isOneAtATime(): boolean {
	return window.matchMedia('(max-width: 61.99rem)').matches;
}
