<script lang="ts">
	import Check from '@lucide/svelte/icons/check';

	interface Props {
		words: string;
		isDone: boolean;
		name: string;
	}

	let { words, isDone, name }: Props = $props();
</script>

<!-- A line that is ticked off: its words press the box too. It posts what it becomes, so that it works before scripts. -->
<button class="tick" {name} value={isDone ? 'no' : 'yes'} aria-pressed={isDone}>
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
		text-align: left;
	}
	@media print {
		.tick {
			min-height: 0;
		}
	}
</style>
