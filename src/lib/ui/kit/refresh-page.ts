import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/**
 * Waits for navigations that are under way. SvelteKit drops a navigation without a word as soon as the page is invalidated or another one begins, and the
 * link that was pressed would do nothing.
 *
 * @returns whether one has arrived; false where there was none, or it was dropped
 */
export async function navigationArrives(): Promise<boolean> {
	let waitedFor: Promise<void> | null = null;
	let hasArrived = false;
	// One that was dropped stays until the next: it is waited for once.
	while (navigating.complete && navigating.complete !== waitedFor) {
		waitedFor = navigating.complete;
		hasArrived = await waitedFor.then(
			() => true,
			() => false
		);
	}
	return hasArrived;
}

/** Loads the data of the page again, after a navigation that is under way. */
export async function refreshPage(): Promise<void> {
	await navigationArrives();
	await invalidateAll();
}
