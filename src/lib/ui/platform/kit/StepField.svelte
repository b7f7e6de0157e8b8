<script lang="ts">
	import Minus from '@lucide/svelte/icons/minus';
	import Plus from '@lucide/svelte/icons/plus';
	import { withDecimalMark } from '$lib/core/body/length/format-length';
	import Button from './Button.svelte';

	interface Props {
		name: string;
		label: string;
		value: string;
		/** BCP 47 language of the decimal mark; what is being typed stays as it is. */
		locale: string;
		/** Shown after the number, and read with it. */
		unit: string;
		describedBy?: string | undefined;
		isInvalid?: boolean;
		disabled?: boolean;
		/** Left out of the form where another field holds the value. */
		isPosted?: boolean;
		maxlength?: number;
		/** A step down or up; the big buttons appear once scripts have loaded. */
		step: (direction: 1 | -1) => void;
		oninput: (text: string) => void;
		onfocus?: () => void;
		onblur?: () => void;
	}

	let {
		name,
		label,
		value,
		locale,
		unit,
		describedBy,
		isInvalid = false,
		disabled = false,
		isPosted = true,
		maxlength = 40,
		step,
		oninput,
		onfocus = () => {},
		onblur = () => {}
	}: Props = $props();

	/** What is being typed, and the value that it made: a value from elsewhere takes its place at once. */
	let typed = $state<{ readonly text: string; readonly made: string } | null>(null);
	const shown = $derived(typed?.made === value ? typed.text : withDecimalMark(value, locale));

	function stepBy(direction: 1 | -1) {
		typed = null;
		step(direction);
	}
</script>

<!-- A native text field: people write numbers in their own way, such as "29 1/8" and "74,5". -->
<div class="kit-step">
	<div class="relative min-w-0 flex-1">
		<input
			class="kit-input thumb num"
			id={name}
			name={isPosted ? name : undefined}
			type="text"
			inputmode="decimal"
			autocomplete="off"
			{maxlength}
			value={shown}
			{disabled}
			aria-invalid={isInvalid}
			aria-describedby={describedBy}
			oninput={(event) => {
				const { value: text } = event.currentTarget;
				oninput(text);
				typed = { text, made: value };
			}}
			{onfocus}
			onblur={() => {
				typed = null;
				onblur();
			}}
		/>
		<span class="kit-unit" aria-hidden="true">{unit}</span>
	</div>
	<Button
		type="button"
		isIcon
		size="thumb"
		class="needs-js"
		aria-label="− {label}"
		{disabled}
		onclick={() => stepBy(-1)}
	>
		<Minus size={22} aria-hidden="true" />
	</Button>
	<Button
		type="button"
		isIcon
		size="thumb"
		class="needs-js"
		aria-label="+ {label}"
		{disabled}
		onclick={() => stepBy(1)}
	>
		<Plus size={22} aria-hidden="true" />
	</Button>
</div>
