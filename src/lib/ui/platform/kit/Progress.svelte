<script lang="ts">
	interface Props {
		label: string;
		value: number;
		most: number;
		/** The meaning of the value, in words. */
		words: string;
	}

	let { label, value, most, words }: Props = $props();
</script>

<progress class="kit-progress" {value} max={most} aria-label={label} aria-valuetext={words}></progress>
