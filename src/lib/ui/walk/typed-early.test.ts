import { describe, expect, it } from 'vitest';
import { changedControls, typedEarly, type Control } from './typed-early';

const control = (name: string, type: string, state: Partial<Control>): Control => ({
	name,
	type,
	value: '',
	defaultValue: state.value ?? '',
	checked: false,
	defaultChecked: state.checked ?? false,
	...state
});

describe('what was typed before scripts took the page over', () => {
	it('is a text that differs from what the server sent', () => {
		expect(
			changedControls([
				control('stature', 'text', { value: '164', defaultValue: '' }),
				control('heel', 'text', { value: '2', defaultValue: '2' }),
				control('', 'text', { value: 'no name, not an answer', defaultValue: '' })
			])
		).toEqual({ stature: '164' });
	});

	it('is the choice made, not the one it took the place of', () => {
		expect(
			changedControls([
				control('sign', 'radio', { value: 'no', checked: false, defaultChecked: true }),
				control('sign', 'radio', { value: 'yes', checked: true, defaultChecked: false }),
				control('other', 'radio', { value: 'no', checked: true, defaultChecked: true }),
				control('other', 'radio', { value: 'yes' })
			])
		).toEqual({ sign: 'yes' });
	});

	it('is a box ticked, or unticked again: then what its hidden control says', () => {
		expect(
			changedControls([
				control('cant.seatHeight', 'hidden', { value: 'no' }),
				control('cant.seatHeight', 'checkbox', { value: 'yes', checked: true, defaultChecked: false }),
				control('cant.surfaceHeight', 'hidden', { value: 'no' }),
				control('cant.surfaceHeight', 'checkbox', { value: 'yes', checked: false, defaultChecked: true })
			])
		).toEqual({ 'cant.seatHeight': 'yes', 'cant.surfaceHeight': 'no' });
	});

	it('is never a button, and nothing on the server', () => {
		expect(changedControls([control('go', 'submit', { value: 'next', defaultValue: '' })])).toEqual({});
		expect(typedEarly('form')).toEqual({});
	});
});
