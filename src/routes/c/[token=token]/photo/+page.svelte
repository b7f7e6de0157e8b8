<script lang="ts">
	import { untrack } from 'svelte';
	import {
		chosenOption,
		LENGTH_FIELDS,
		noPhotoFields,
		photoFields,
		photoNumbersOf,
		QUESTIONNAIRE_PAGES,
		readLengthField
	} from '$lib/core/answers';
	import { METHOD_SD } from '$lib/core/body';
	import { formatLength } from '$lib/core/length';
	import { PHOTO_LENGTHS, PHOTO_SCALES, type PhotoLength, type PhotoScale } from '$lib/core/side-photo';
	import { sideViewOf } from '$lib/core/side-view';
	import { messagesFor } from '$lib/messages';
	import { photoTextsFor } from '$lib/messages/photo';
	import { dayOnDevice } from '$lib/ui/breaks/breaks-day.svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import CheckBox from '$lib/ui/kit/CheckBox.svelte';
	import ChoiceRows from '$lib/ui/kit/ChoiceRows.svelte';
	import FileButton from '$lib/ui/kit/FileButton.svelte';
	import Notice from '$lib/ui/kit/Notice.svelte';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import { Draft } from '$lib/ui/questionnaire/draft.svelte';
	import { LEAST_PX, openPicture, PictureError } from '$lib/ui/side-photo/load-picture';
	import MoveMark from '$lib/ui/side-photo/MoveMark.svelte';
	import PhotoBoard from '$lib/ui/side-photo/PhotoBoard.svelte';
	import PhotoResult from '$lib/ui/side-photo/PhotoResult.svelte';
	import { PhotoSession } from '$lib/ui/side-photo/photo-session.svelte';
	import SectionDrawing from '$lib/ui/side-view/SectionDrawing.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(photoTextsFor(data.locale));
	const draft = untrack(() => new Draft(data, data.way, `/c/${data.token}/draft`, deviceStorage()));
	const isSitting = $derived(chosenOption(draft.answers, 'posture') === 'sitting');
	const corner = $derived(draft.partial?.corner ?? null);
	const table = $derived.by(() => {
		const read = readLengthField(
			'surfaceHeight',
			draft.answers['surfaceHeight'],
			draft.unit,
			LENGTH_FIELDS.surfaceHeight
		);
		return read.ok ? { mm: read.mm, sd: METHOD_SD[chosenOption(draft.answers, 'by')] } : null;
	});
	const session = new PhotoSession(() => ({
		person: corner?.person ?? { stature: 0, heel: 0, sex: 'unstated' },
		isSitting,
		table
	}));

	let fault = $state<'not-opened' | 'too-small' | null>(null);
	let isStraight = $state(false);
	let left = $state<Partial<Record<PhotoLength, boolean>>>({});
	let done = $state<'saved' | 'removed' | null>(null);

	const kept = $derived(photoNumbersOf(draft.answers));
	const reading = $derived(session.reading);
	const length = (mm: number) => formatLength(mm, draft.unit, { locale: t.locale });
	const typed = (name: PhotoLength) => {
		const read = readLengthField(name, draft.answers[name], draft.unit, LENGTH_FIELDS[name]);
		return read.ok ? read.mm : null;
	};
	/** Lengths not measured yet are taken unless left out; measured ones only if chosen. */
	const isTaken = (name: PhotoLength) => left[name] ?? typed(name) === null;
	const offered = $derived(PHOTO_LENGTHS.filter((name) => reading?.lengths[name]));
	const lines = $derived.by(() => {
		const j = reading?.joints;
		return j
			? [
					[j.eye, j.ear, j.neck, j.shoulder, j.elbow, j.wrist, j.knuckle],
					[j.shoulder, j.hip, j.knee, j.ankle]
				]
			: [];
	});
	const section = $derived(
		corner && reading ? sideViewOf(corner, null, null, chosenOption(draft.answers, 'drawnAs')) : null
	);

	async function choose(file: File) {
		fault = null;
		done = null;
		try {
			session.open(await openPicture(file));
		} catch (error) {
			if (!(error instanceof PictureError)) throw error;
			fault = error.why;
		}
	}

	function save() {
		if (!reading) return;
		const chosen = isStraight ? offered.filter(isTaken) : [];
		const taken = chosen.map((name) => [
			name,
			formatLength(reading.lengths[name]?.value ?? 0, draft.unit, { withUnit: false })
		]);
		draft.setAll({ ...photoFields(reading, chosen, dayOnDevice(new Date())), ...Object.fromEntries(taken) });
		done = 'saved';
	}

	function remove() {
		draft.setAll(noPhotoFields(draft.answers));
		done = 'removed';
	}
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>
<svelte:window onpagehide={() => draft.autosave.leave()} />

<main id="content" class="mx-auto max-w-6xl px-5 py-5 md:px-8">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-4 text-title">{texts.title}</h1>
	{#if !session.picture}
		<p class="mt-2 max-w-2xl text-lead">{texts.lead}</p>
		<p class="mt-3 max-w-2xl border-s-4 border-ink ps-3 font-semibold">{texts.private}</p>
		<ol class="mt-4 max-w-2xl list-decimal ps-5">
			{#each texts.how as line (line)}<li class="mt-1">{line}</li>{/each}
		</ol>
	{/if}
	{#if !corner}
		<div class="mt-5"><Notice kind="caution"><p>{texts.needsStature}</p></Notice></div>
		<p class="mt-3"><Button look="main" href="/c/{data.token}/you">{texts.toStature}</Button></p>
	{:else}
		<p class="needs-js mt-5 flex flex-wrap gap-3">
			{#if session.picture}<FileButton words={texts.another} accept="image/*" onchoose={choose} />
			{:else}
				<FileButton words={texts.choose} accept="image/*" look="main" onchoose={choose} />
				<FileButton words={texts.take} accept="image/*" takesPhoto onchoose={choose} />
			{/if}
		</p>
		{#if fault}
			<p class="mt-3 border-s-4 border-warm bg-warm-wash px-3 py-2" role="alert">
				{fault === 'too-small' ? texts.tooSmall(String(LEAST_PX)) : texts.notOpened}
			</p>
		{/if}
		{#if session.picture}
			<p class="mt-4 text-lead" role="status">
				{session.next ? texts.placeNext(texts.marks[session.next]) : texts.allPlaced}
			</p>
			<div class="layout">
				<PhotoBoard picture={session.picture} {session} {texts} />
				<div>
					<ChoiceRows
						name="scale"
						legend={texts.scaleLegend}
						options={PHOTO_SCALES.filter((one) => one !== 'table' || table).map((value) => ({
							value,
							words: texts.scales[value]
						}))}
						value={session.scale}
						onchange={(value) => session.measureBy(value as PhotoScale)}
					/>
					<p id="photo-keys" class="mt-1 text-note text-ink-soft">{texts.keys}</p>
					{#if session.edges}
						<p class="mt-2">{session.edges === 'found' ? texts.edgesFound : texts.edgesNotFound}</p>
					{/if}
					{#if Object.keys(session.marks).length > 0}<MoveMark {session} {texts} />{/if}
					<p class="mt-3 flex flex-wrap gap-3">
						<Button
							type="button"
							disabled={Object.keys(session.marks).length === 0}
							onclick={() => session.undo()}
						>
							{texts.undo}
						</Button>
						{#if session.next === 'upright1' || session.next === 'upright3'}
							<Button type="button" onclick={() => session.skipUpright()}>{texts.skipUpright}</Button>
						{/if}
					</p>
				</div>
			</div>
		{/if}
		{#if reading}
			<section class="mt-8 border-t border-ink pt-4">
				<h2 class="text-title">{texts.result}</h2>
				<div class="layout">
					{#if section}
						<div class="self-start border border-rule bg-sheet p-3">
							<SectionDrawing
								{section}
								all={[section]}
								{t}
								unit={draft.unit}
								mostHeight={430}
								photo={lines}
								isLive
							/>
							<p class="text-note text-ink-soft">{texts.overlay}</p>
						</div>
					{/if}
					<div>
						<PhotoResult {reading} {t} {texts} unit={draft.unit} />
						<h3 class="mt-5 text-lead">{texts.lengthsLegend}</h3>
						<CheckBox words={texts.straight} isChecked={isStraight} onchange={(is) => (isStraight = is)} />
						{#if isStraight}
							{#each offered as name (name)}
								{@const value = reading.lengths[name]}
								{@const now = typed(name)}
								{#if value}
									<CheckBox
										words="{t.fields[name]}: {texts.value(
											formatLength(value.value, draft.unit, { locale: t.locale, withUnit: false }),
											length(2 * value.sd)
										)} ({now === null ? texts.notMeasured : texts.lengthNow(length(now))})"
										isChecked={isTaken(name)}
										onchange={(is) => (left = { ...left, [name]: is })}
									/>
								{/if}
							{/each}
						{:else}<p class="text-note text-ink-soft">{texts.needsStraight}</p>{/if}
						<p class="mt-4"><Button type="button" look="main" onclick={save}>{texts.save}</Button></p>
						<p class="mt-2 text-note text-ink-soft">{texts.saveHow}</p>
					</div>
				</div>
			</section>
		{/if}
		<div class="mt-4" role="status">
			{#if done}<Notice kind="done"><p>{done === 'saved' ? texts.saved : texts.removed}</p></Notice>{/if}
		</div>
		{#if kept}
			<p class="mt-3">
				<Button type="button" look="quiet" class="needs-js" onclick={remove}>{texts.remove}</Button>
			</p>
		{/if}
	{/if}
	<p class="mt-6"><Button href="/c/{data.token}/{QUESTIONNAIRE_PAGES[2]}">{texts.back}</Button></p>
</main>

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
