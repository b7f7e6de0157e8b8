/** What someone can have changed before scripts ran. */
type Control = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

/** Kinds of input that hold no words of a person: buttons, what the server sent along, and files, which no script can put back. */
const NOT_TYPED = new Set(['hidden', 'submit', 'button', 'reset', 'image', 'file']);

const isTicked = (control: Control): control is HTMLInputElement =>
	control.type === 'radio' || control.type === 'checkbox';

const isChanged = (control: Control) =>
	control instanceof HTMLSelectElement
		? control.value !==
			([...control.options].find((option) => option.defaultSelected) ?? control.options[0])?.value
		: isTicked(control)
			? // Nobody takes a radio button's mark away: another of its group got it, or a group was renamed while its page was taken over.
				control.checked !== control.defaultChecked && (control.type === 'checkbox' || control.checked)
			: control.value !== control.defaultValue;

/**
 * Keeps what was typed, ticked and chosen on a page as it came from the server: taking the page over sets every control to what the server
 * knew, and a letter half written would be gone in silence. To be called before the page's controls are taken over.
 * @returns to be called once they are: puts each back that was changed in the meantime, and tells its page as if it were typed now
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
