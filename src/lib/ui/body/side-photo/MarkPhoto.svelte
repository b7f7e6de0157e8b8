<script lang="ts">
	import { PHOTO_SCALES, type PhotoScale } from '$lib/core/body/side-photo/marks';
	import type { PhotoTexts } from '$lib/messages/photo';
	import Button from '../../platform/kit/Button.svelte';
	import ChoiceRows from '../../platform/kit/ChoiceRows.svelte';
	import type { OpenPicture } from './load-picture';
	import MoveMark from './MoveMark.svelte';
	import PhotoBoard from './PhotoBoard.svelte';
	import type { PhotoSession } from './photo-session.svelte';

	interface Props {
		picture: OpenPicture;
		session: PhotoSession;
		/** Whether the height of the table is known, so that it can give the scale. */
		hasTable: boolean;
		texts: PhotoTexts;
	}

	/** The picture with its marks: what to mark next, and how to move what is marked. */
	let { picture, session, hasTable, texts }: Props = $props();

	const scales = $derived(PHOTO_SCALES.filter((one) => one !== 'table' || hasTable));
	const hasMarks = $derived(Object.keys(session.marks).length > 0);
</script>

<p class="mt-4 text-lead" role="status">
	{session.next ? texts.placeNext(texts.marks[session.next]) : texts.allPlaced}
</p>
<div class="layout">
	<PhotoBoard {picture} {session} {texts} />
	<div>
		<ChoiceRows
			name="scale"
			legend={texts.scaleLegend}
			options={scales.map((value) => ({ value, words: texts.scales[value] }))}
			value={session.scale}
			onchange={(value) => session.measureBy(value as PhotoScale)}
		/>
		<p id="photo-keys" class="mt-1 text-note text-ink-soft">{texts.keys}</p>
		{#if session.edges}
			<p class="mt-2">{session.edges === 'found' ? texts.edgesFound : texts.edgesNotFound}</p>
		{/if}
		{#if hasMarks}<MoveMark {session} {texts} />{/if}
		<p class="mt-3 flex flex-wrap gap-3">
			<Button type="button" disabled={!hasMarks} onclick={() => session.undo()}>{texts.undo}</Button>
			{#if session.next === 'upright1' || session.next === 'upright3'}
				<Button type="button" onclick={() => session.skipUpright()}>{texts.skipUpright}</Button>
			{/if}
		</p>
	</div>
</div>

<style>
	.layout {
		display: grid;
		gap: 1.5rem;
		margin-top: 1rem;
	}
	@media (min-width: 60rem) {
		.layout {
			grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
		}
	}
</style>
