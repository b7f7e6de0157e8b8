import { enhance } from '$app/forms';
import type { SubmitFunction } from '@sveltejs/kit';
import { navigationArrives, refreshPage } from './refresh-page';

/**
 * Sends a form without leaving the page, as SvelteKit's `enhance` does; but a link that is pressed before the answer is there leads on, whether the answer
 * refreshes the page or leads to another: what was pressed last holds.
 */
export function enhanceForm(form: HTMLFormElement, submit?: SubmitFunction) {
	return enhance(form, async (input) => {
		const callback = await submit?.(input);
		return async (event) => {
			const { type } = event.result;
			const update: typeof event.update = async ({ reset = true, invalidateAll = true } = {}) => {
				if (type === 'redirect' && (await navigationArrives())) return refreshPage();
				if (type === 'success') {
					// By the prototype: a control may be called "reset".
					if (reset) HTMLFormElement.prototype.reset.call(form);
					if (invalidateAll) await refreshPage();
				}
				await event.update({ reset: false, invalidateAll: false });
			};
			await (callback ? callback({ ...event, update }) : update());
		};
	});
}
