/** What someone can have changed before scripts ran. */
type Control = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

/** Kinds of input without a person's text: buttons, hidden values, and files, which no script can restore. */
const NOT_TYPED = new Set(['hidden', 'submit', 'button', 'reset', 'image', 'file']);

const isTicked = (control: Control): control is HTMLInputElement =>
	control.type === 'radio' || control.type === 'checkbox';

const isChanged = (control: Control) =>
	control instanceof HTMLSelectElement
		? control.value !==
			([...control.options].find((option) => option.defaultSelected) ?? control.options[0])?.value
		: isTicked(control)
			? // Nobody unchecks a radio button: another of its group was checked, or a group was renamed during hydration.
				control.checked !== control.defaultChecked && (control.type === 'checkbox' || control.checked)
			: control.value !== control.defaultValue;

/**
 * Keeps what was typed, ticked and chosen in the server's HTML: hydration resets every control to the server's value, and a half-written
 * message would silently disappear. Call it before the page's controls are hydrated.
 * @returns to be called afterwards: restores each control that was changed in the meantime, and dispatches events as if it were changed now
 */
export function preserveInput(root: ParentNode): () => void {
	const changed = [...root.querySelectorAll<Control>('input, textarea, select')]
		.filter((control) => !NOT_TYPED.has(control.type) && isChanged(control))
		.map((control) => ({
			control,
			value: control.value,
			isOn: isTicked(control) && control.checked
		}));
	return () => {
		for (const { control, value, isOn } of changed) {
			if (!control.isConnected) continue;
			if (isTicked(control)) {
				if (control.checked === isOn) continue;
				control.checked = isOn;
			} else {
				if (control.value === value) continue;
				control.value = value;
			}
			control.dispatchEvent(new Event('input', { bubbles: true }));
			control.dispatchEvent(new Event('change', { bubbles: true }));
		}
	};
}
