<script lang="ts">
	import { formatDegrees } from '$lib/core/body/length/format-degrees';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import {
		PHOTO_ANGLES,
		PHOTO_HEIGHTS,
		type PhotoValue,
		type SidePhotoReading
	} from '$lib/core/body/side-photo/photo-values';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { PhotoTexts } from '$lib/messages/photo';
	import Notice from '../../platform/kit/Notice.svelte';

	interface Props {
		reading: Pick<SidePhotoReading, 'angles' | 'heights' | 'issues'>;
		t: Catalogue;
		texts: PhotoTexts;
		unit: LengthUnit;
	}

	let { reading, t, texts, unit }: Props = $props();

	const degrees = ({ value, sd }: PhotoValue) =>
		texts.value(formatDegrees(value), formatDegrees(Math.max(1, 2 * sd)));
	const length = ({ value, sd }: PhotoValue) =>
		texts.value(
			formatLength(value, unit, { locale: t.locale, withUnit: false }),
			formatLength(2 * sd, unit, { locale: t.locale })
		);
	const published = (angle: (typeof PHOTO_ANGLES)[number]) =>
		angle in texts.published ? texts.published[angle as keyof typeof texts.published] : '';
</script>

{#each reading.issues as issue (issue)}
	<Notice kind="caution"><p>{texts.issues[issue]}</p></Notice>
{/each}
<dl>
	{#each PHOTO_ANGLES as angle (angle)}
		<dt>
			{texts.angles[angle]}
			{#if published(angle)}<span class="beside">{published(angle)}</span>{/if}
		</dt>
		<dd class="num">{degrees(reading.angles[angle])}</dd>
	{/each}
	{#each PHOTO_HEIGHTS as height (height)}
		{@const value = reading.heights[height]}
		{#if value}
			<dt>{texts.heights[height]}</dt>
			<dd class="num">{length(value)}</dd>
		{/if}
	{/each}
</dl>
<p class="beside">{texts.spread} {texts.source}</p>

<style>
	dl {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 0;
		margin-block: 0.75rem;
	}
	dt,
	dd {
		padding-block: 0.375rem;
		border-block-end: 1px solid var(--rule);
	}
	dt {
		padding-inline-end: 1rem;
	}
	dd {
		text-align: end;
		white-space: nowrap;
	}
	.beside {
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	dt .beside {
		display: block;
	}
</style>
