<script lang="ts">
	import { Progress } from 'bits-ui';

	interface Props {
		label: string;
		value: number;
		most: number;
		/** The meaning of the value, in words. */
		words: string;
	}

	let { label, value, most, words }: Props = $props();
</script>

<Progress.Root class="kit-progress" {value} max={most} aria-label={label} aria-valuetext={words}>
	<span style:width="{most > 0 ? (value / most) * 100 : 0}%"></span>
</Progress.Root>
