<script lang="ts">
	import Minus from '@lucide/svelte/icons/minus';
	import Plus from '@lucide/svelte/icons/plus';
	import Button from './Button.svelte';

	interface Props {
		name: string;
		label: string;
		value: string;
		/** Shown behind the number, read with it. */
		unit: string;
		describedBy?: string | undefined;
		isInvalid?: boolean;
		disabled?: boolean;
		/** Left out of the form where another field holds what is meant. */
		isPosted?: boolean;
		maxlength?: number;
		/** A step down or up; the big buttons for thumbs are there once scripts are. */
		step: (direction: 1 | -1) => void;
		oninput: (text: string) => void;
		onfocus?: () => void;
		onblur?: () => void;
	}

	let {
		name,
		label,
		value,
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
</script>

<!-- A native field of text: numbers come as people write them, "29 1/8" and "74,5" among them. -->
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
			{value}
			{disabled}
			aria-invalid={isInvalid}
			aria-describedby={describedBy}
			oninput={(event) => oninput(event.currentTarget.value)}
			{onfocus}
			{onblur}
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
		onclick={() => step(-1)}
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
		onclick={() => step(1)}
	>
		<Plus size={22} aria-hidden="true" />
	</Button>
</div>
