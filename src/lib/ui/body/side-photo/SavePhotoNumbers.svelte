<script lang="ts">
	import { chosenOption, LENGTH_FIELDS } from '$lib/core/questionnaire/answers/fields';
	import { noPhotoFields, photoFields, photoLengthOf } from '$lib/core/questionnaire/answers/photo-answers';
	import { readLengthField } from '$lib/core/questionnaire/answers/read-length-field';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import { formatLength } from '$lib/core/body/length/format-length';
	import {
		PHOTO_LENGTHS,
		type PhotoLength,
		type SidePhotoReading
	} from '$lib/core/body/side-photo/photo-values';
	import { PHOTO_LIMBS } from '$lib/core/body/side-photo/marks';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { PhotoTexts } from '$lib/messages/photo';
	import { dayOnDevice } from '../../breaks/breaks-day.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import CheckBox from '../../platform/kit/CheckBox.svelte';
	import type { Draft } from '../../questionnaire/draft.svelte';
	import SideViewDrawing from '../../workstation/side-view/SideViewDrawing.svelte';
	import PhotoResult from './PhotoResult.svelte';

	interface Props {
		reading: SidePhotoReading;
		corner: Corner;
		draft: Draft;
		t: Catalogue;
		texts: PhotoTexts;
		onsaved: () => void;
	}

	/** What the picture gives, over the side view, and which of it to save with the answers. */
	let { reading, corner, draft, t, texts, onsaved }: Props = $props();

	let isStraight = $state(false);
	let chosen = $state<Partial<Record<PhotoLength, boolean>>>({});

	const section = $derived(sideViewOf(corner, null, null, chosenOption(draft.answers, 'drawnAs')));
	const limbs = $derived(PHOTO_LIMBS.map((names) => names.map((name) => reading.joints[name])));
	const length = (mm: number) => formatLength(mm, draft.unit, { locale: t.locale });
	/** The length as the person measured it; null for none, and for one from an earlier photo, which this one replaces. */
	const measured = (name: PhotoLength) => {
		const read = readLengthField(name, draft.answers[name], draft.unit, LENGTH_FIELDS[name]);
		return read.ok && !photoLengthOf(draft.answers, name, read.mm) ? read.mm : null;
	};
	const offered = $derived(
		PHOTO_LENGTHS.flatMap((name) => {
			const value = reading.lengths[name];
			const now = measured(name);
			// Lengths not measured yet are taken unless left out; measured ones only if chosen.
			return value ? [{ name, value, now, isTaken: chosen[name] ?? now === null }] : [];
		})
	);

	function save() {
		const taken = isStraight ? offered.filter(({ isTaken }) => isTaken) : [];
		const lengths = taken.map(({ name, value }) => [
			name,
			formatLength(value.value, draft.unit, { withUnit: false })
		]);
		const names = taken.map(({ name }) => name);
		draft.setAll({
			// What an earlier photo gave goes with it: nothing of it may stay as if measured with a tape.
			...noPhotoFields(draft.answers),
			...photoFields(reading, names, dayOnDevice(new Date())),
			...Object.fromEntries(lengths)
		});
		onsaved();
	}
</script>

<section class="mt-8 border-t border-ink pt-4">
	<h2 class="text-title">{texts.result}</h2>
	<div class="layout">
		<div class="self-start border border-rule bg-sheet p-3">
			<SideViewDrawing
				{section}
				all={[section]}
				{t}
				unit={draft.unit}
				mostHeight={430}
				photo={limbs}
				isLive
			/>
			<p class="text-note text-ink-soft">{texts.overlay}</p>
		</div>
		<div>
			<PhotoResult {reading} {t} {texts} unit={draft.unit} />
			<h3 class="mt-5 text-lead">{texts.lengthsLegend}</h3>
			<CheckBox words={texts.straight} isChecked={isStraight} onchange={(is) => (isStraight = is)} />
			{#if isStraight}
				{#each offered as { name, value, now, isTaken } (name)}
					<CheckBox
						words="{t.fields[name]}: {texts.value(
							formatLength(value.value, draft.unit, { locale: t.locale, withUnit: false }),
							length(2 * value.sd)
						)} ({now === null ? texts.notMeasured : texts.lengthNow(length(now))})"
						isChecked={isTaken}
						onchange={(is) => (chosen = { ...chosen, [name]: is })}
					/>
				{/each}
			{:else}<p class="text-note text-ink-soft">{texts.needsStraight}</p>{/if}
			<p class="mt-4"><Button type="button" look="main" onclick={save}>{texts.save}</Button></p>
			<p class="mt-2 text-note text-ink-soft">{texts.saveHow}</p>
		</div>
	</div>
</section>

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
