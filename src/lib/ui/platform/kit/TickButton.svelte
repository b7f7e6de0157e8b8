<script lang="ts">
	import Check from '@lucide/svelte/icons/check';

	interface Props {
		words: string;
		isDone: boolean;
		name: string;
	}

	let { words, isDone, name }: Props = $props();
</script>

<!-- A line to tick off: its text presses the box too. It posts the new state, so that it works before scripts load. -->
<button type="submit" class="tick" {name} value={isDone ? 'no' : 'yes'} aria-pressed={isDone}>
	<span class="kit-tick" class:done={isDone} aria-hidden="true"
		>{#if isDone}<Check size={16} />{/if}</span
	>{words}
</button>

<style>
	.tick {
		display: flex;
		align-items: center;
		gap: 1.25rem;
		min-height: 2.75rem;
		font: inherit;
		text-align: start;
	}
	@media print {
		.tick {
			min-height: 0;
		}
	}
</style>
