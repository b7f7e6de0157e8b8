<script lang="ts">
	import { Slider } from 'bits-ui';

	interface Props {
		label: string;
		value: number;
		least: number;
		most: number;
		step?: number;
		/** The value in words, for who does not see it. */
		words: (value: number) => string;
		disabled?: boolean;
		onchange: (value: number) => void;
	}

	let { label, value, least, most, step = 1, words, disabled = false, onchange }: Props = $props();
</script>

<Slider.Root
	type="single"
	{value}
	min={least}
	max={most}
	{step}
	{disabled}
	onValueChange={onchange}
	class="kit-slider"
>
	<span class="track"><Slider.Range class="range" /></span>
	<Slider.Thumb index={0} class="thumb" aria-label={label} aria-valuetext={words(value)} />
</Slider.Root>
