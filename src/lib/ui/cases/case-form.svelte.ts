import type { SubmitFunction } from '@sveltejs/kit';
import { refreshPage } from '../platform/kit/refresh-page';
import { deskWords } from '$lib/messages/desk';

/** Event of a form that was carried out, for the elements around it. */
export const CARRIED_OUT = 'carried-out';

/** A form that acts on a case, on any page: its result is shown next to it. */
export class CaseForm {
	/** The error, in words; nothing typed is lost. */
	fault = $state<string | null>(null);
	isBusy = $state(false);
	/** Names this one act: sent twice, because a response was lost or a key was held down, it is done once. */
	key = $state<string>(crypto.randomUUID());

	/** @param done called after the act was carried out and the page has the new state */
	constructor(private readonly done: (result: Record<string, unknown>) => void = () => {}) {}

	/** For `use:enhanceForm`. */
	readonly submit: SubmitFunction = ({ cancel, formElement }) => {
		// Pressed twice, it is one.
		if (this.isBusy) return cancel();
		this.isBusy = true;
		this.fault = null;
		return async ({ result, update }) => {
			if (result.type === 'failure') {
				const told = result.data as { fault?: { message: string } } | undefined;
				this.fault = told?.fault?.message ?? deskWords.frame.didNotWork;
				// The present state is shown with a conflict; trying again is a new act.
				this.key = crypto.randomUUID();
				if (result.status === 409) await refreshPage();
			} else if (result.type === 'error') this.fault = deskWords.frame.notReached;
			else if (result.type === 'redirect') {
				this.key = crypto.randomUUID();
				await update();
			} else {
				this.key = crypto.randomUUID();
				// Before the page has the new state: the form may disappear with it.
				formElement.dispatchEvent(new Event(CARRIED_OUT, { bubbles: true }));
				await refreshPage();
				this.done(result.data ?? {});
			}
			this.isBusy = false;
		};
	};
}
