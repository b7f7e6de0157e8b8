import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/**
 * Waits for navigations in progress. SvelteKit silently drops a navigation when the page is invalidated or another one begins, and the link
 * that was pressed would do nothing.
 * @returns whether one has arrived; false where there was none, or it was dropped
 */
export async function navigationArrives(): Promise<boolean> {
	let waitedFor: Promise<void> | null = null;
	let hasArrived = false;
	// One that was dropped stays set until the next: it is waited for only once.
	while (navigating.complete && navigating.complete !== waitedFor) {
		waitedFor = navigating.complete;
		hasArrived = await waitedFor.then(
			() => true,
			() => false
		);
	}
	return hasArrived;
}

/** Reloads the page's data, after any navigation in progress. */
export async function refreshPage(): Promise<void> {
	await navigationArrives();
	await invalidateAll();
}
