import { enhance } from '$app/forms';
import type { SubmitFunction } from '@sveltejs/kit';
import { navigationArrives, refreshPage } from './refresh-page';

/**
 * Submits a form without leaving the page, like SvelteKit's `enhance`; but a link pressed before the response arrives still leads on,
 * whether the response refreshes the page or redirects: what was pressed last holds.
 */
export function enhanceForm(form: HTMLFormElement, submit?: SubmitFunction) {
	return enhance(form, async (input) => {
		const callback = await submit?.(input);
		return async (event) => {
			const { type } = event.result;
			const update: typeof event.update = async ({ reset = true, invalidateAll = true } = {}) => {
				if (type === 'redirect' && (await navigationArrives())) return refreshPage();
				if (type === 'success') {
					// Via the prototype: a control may be named "reset".
					if (reset) HTMLFormElement.prototype.reset.call(form);
					if (invalidateAll) await refreshPage();
				}
				await event.update({ reset: false, invalidateAll: false });
			};
			await (callback ? callback({ ...event, update }) : update());
		};
	});
}
