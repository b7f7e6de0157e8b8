/** A control of a form, as far as its state goes; the page's own elements fit. */
export interface Control {
	readonly name: string;
	readonly type: string;
	readonly value: string;
	readonly defaultValue: string;
	readonly checked: boolean;
	readonly defaultChecked: boolean;
}

/**
 * What was typed or chosen on the page as it came from the server, before scripts took it over. Taking over sets every control
 * to what the server knew, so an answer that nobody reads before that is lost in silence: on a slow phone, a sign of danger.
 * @returns texts by the control's name; an unticked box is shown by the hidden control of its name
 */
export function changedControls(controls: Iterable<Control>): Record<string, string> {
	const changed: Record<string, string> = {};
	const hidden: Record<string, string> = {};
	for (const control of controls) {
		const { name, type, value, checked } = control;
		if (!name) continue;
		if (type === 'hidden') hidden[name] = value;
		else if (type === 'radio' || type === 'checkbox') {
			if (checked === control.defaultChecked) continue;
			if (checked) changed[name] = value;
			else if (type === 'checkbox') changed[name] = hidden[name] ?? '';
		} else if ((type === 'text' || type === 'textarea') && value !== control.defaultValue)
			changed[name] = value;
	}
	return changed;
}

/**
 * What was typed early into the form that the selector finds. To be read while the page's component is set up, before its
 * controls are taken over; nothing where scripts already run the page or there is none (on the server).
 */
export function typedEarly(selector: string): Record<string, string> {
	if (typeof document === 'undefined' || document.documentElement.hasAttribute('data-ready')) return {};
	const form = document.querySelector<HTMLFormElement>(selector);
	return form ? changedControls(form.elements as unknown as Iterable<Control>) : {};
}
