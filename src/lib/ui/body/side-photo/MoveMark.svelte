<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowLeft from '@lucide/svelte/icons/arrow-left';
	import ArrowRight from '@lucide/svelte/icons/arrow-right';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import type { PhotoMarkName } from '$lib/core/body/side-photo/marks';
	import type { PhotoTexts } from '$lib/messages/photo';
	import Button from '../../platform/kit/Button.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import type { PhotoSession } from './photo-session.svelte';

	interface Props {
		session: PhotoSession;
		texts: PhotoTexts;
	}

	let { session, texts }: Props = $props();

	const WAYS = [
		{ way: 'left', by: [-1, 0], Icon: ArrowLeft },
		{ way: 'up', by: [0, -1], Icon: ArrowUp },
		{ way: 'down', by: [0, 1], Icon: ArrowDown },
		{ way: 'right', by: [1, 0], Icon: ArrowRight }
	] as const;

	const placed = $derived(session.order.filter((name) => session.marks[name]));
</script>

<!-- For fingers and for marks that lie on one another: a mark is chosen by its name and moved by buttons. -->
<div class="mt-3">
	<Select
		name="mark"
		label={texts.moveMark}
		value={session.active ?? placed[0] ?? ''}
		options={placed.map((value) => ({ value, words: texts.marks[value] }))}
		onchange={(value) => (session.active = value as PhotoMarkName)}
	/>
	<div class="mt-2 flex gap-2">
		{#each WAYS as { way, by, Icon } (way)}
			<Button
				type="button"
				isIcon
				aria-label={texts.ways[way]}
				disabled={!session.active}
				onclick={() => session.active && session.nudge(session.active, by[0], by[1])}
			>
				<Icon size={18} aria-hidden="true" />
			</Button>
		{/each}
	</div>
</div>
