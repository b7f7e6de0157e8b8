<script lang="ts">
	import { CORNER_BOUNDS } from '$lib/core/workstation/corner/corner-bounds';
	import type { ThingChoice } from '$lib/core/questionnaire/answers/household-things';
	import { deskWords } from '$lib/messages/desk';
	import TextField from '../kit/TextField.svelte';

	const texts = deskWords.settings.household;

	interface Props {
		prefix: string;
		/** What is that size, for people who only hear the fields. */
		of: string;
		size: ThingChoice['size'];
		onchange: (size: ThingChoice['size']) => void;
	}

	let { prefix, of, size, onchange }: Props = $props();

	const [least, most] = CORNER_BOUNDS.side;
	const isSide = (text: string) =>
		/^\d{1,4}$/.test(text.trim()) && Number(text) >= least && Number(text) <= most;
	let typed = $state<(string | null)[]>([null, null, null]);
	const set = (i: number, text: string) => {
		typed[i] = isSide(text) ? null : text;
		if (isSide(text))
			onchange(size.map((side, at) => (at === i ? Number(text) : side)) as unknown as ThingChoice['size']);
	};
</script>

<div class="sides">
	{#each texts.sides as side, i (i)}
		<TextField
			name=""
			id="{prefix}-{i}"
			label={texts.sideOf(side, of)}
			isLabelHidden
			size="desk"
			inputmode="numeric"
			maxlength={4}
			value={typed[i] ?? String(size[i])}
			fault={typed[i] === null ? null : deskWords.settings.wholeNumber}
			oninput={(text) => set(i, text)}
		/>
	{/each}
</div>

<style>
	.sides {
		display: grid;
		grid-template-columns: repeat(3, minmax(4rem, 6rem));
		gap: 0.5rem;
	}
</style>
