<script lang="ts">
	import { QUESTIONNAIRE_PAGES } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import { CHANGED_PARTS } from '$lib/core/questionnaire/answers/changed-parts';
	import { stillInPlaceField } from '$lib/core/questionnaire/answers/in-place-items';
	import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
	import { questionnaireModeOf } from '$lib/core/questionnaire/select-questions';
	import { messagesFor } from '$lib/messages';
	import { checklistTextsFor } from '$lib/messages/checklist';
	import { startTextsFor } from '$lib/messages/start';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import CheckBox from '$lib/ui/platform/kit/CheckBox.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import AfterEmergency from '$lib/ui/cases/warning-signs/AfterEmergency.svelte';

	let { data, form } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(startTextsFor(data.locale));
	/** What was put in place after the last self-assessment: each is there until someone says otherwise. */
	const inPlace = $derived([
		...(data.inPlace?.steps ?? []).map(({ place, pieces }) => ({
			field: stillInPlaceField(place),
			words: texts.again.step(t.steps.places[place], t.lists.things(pieces.map(({ label }) => label)))
		})),
		...(data.inPlace?.findings ?? []).map((finding) => ({
			field: stillInPlaceField(finding),
			words: texts.again.finding(checklistTextsFor(data.locale).findings[finding])
		}))
	]);
	const route = $derived(questionnaireModeOf(data.answers, data.questionnaireMode));
</script>

<svelte:head><title>{t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-2xl px-5 py-8 md:py-14">
	<p class="font-title text-body font-semibold">{t.product}</p>
	{#if data.emergency}
		<AfterEmergency
			name={data.personName}
			emergency={data.emergency}
			number={data.emergencyNumber}
			restUntil={form && 'restUntil' in form ? (form.restUntil ?? null) : null}
			{t}
		/>
	{:else}
		<h1 class="mt-6 text-title">{texts.title(data.personName)}</h1>
	{/if}
	<p class="mt-3 text-lead">{texts.lead(PROMISED_MINUTES[data.questionnaireMode])}</p>

	<h2 class="mt-8 border-b border-ink pb-2 text-lead">{texts.linesTitle}</h2>
	<dl>
		{#each data.privacy as [term, words] (term)}
			<div class="grid grid-cols-[6.5rem_1fr] gap-3 border-b border-rule py-2.5">
				<dt class="font-semibold text-ink-soft">{term}</dt>
				<dd>{words}</dd>
			</div>
		{/each}
	</dl>
	<p class="mt-1">
		<Button look="quiet" href="/c/{data.token}/privacy">{texts.moreOnPrivacy}</Button>
	</p>

	{#if form && 'fault' in form && form.fault}
		<Notice kind="caution" role="alert"><p>{form.fault.message}</p></Notice>
	{/if}
	{#if data.isAnswered}
		<div class="mt-6 flex flex-wrap gap-3">
			<Button look="main" href="/c/{data.token}/plan">{texts.toPlan}</Button>
			<Button href="/c/{data.token}/{QUESTIONNAIRE_PAGES[2]}">{t.plan.correct}</Button>
		</div>
	{:else}
		<form method="POST" action="?/begin" class="mt-6 grid justify-items-start gap-3">
			{#if data.isAgain}
				<fieldset class="w-full border-b border-rule pb-3">
					<legend class="text-lead font-semibold">{texts.again.title}</legend>
					<p class="mt-1 mb-2 text-ink-soft">{texts.again.lead}</p>
					{#each CHANGED_PARTS as one (one)}
						<div><CheckBox name="new.{one}" words={texts.again.renewed[one]} isChecked={false} /></div>
					{/each}
				</fieldset>
			{/if}
			{#if inPlace.length > 0}
				<fieldset class="w-full border-b border-rule pb-3">
					<legend class="text-lead font-semibold">{texts.again.stillTitle}</legend>
					<p class="mt-1 mb-2 text-ink-soft">{texts.again.stillLead}</p>
					{#each inPlace as { field, words } (field)}
						<div><CheckBox name={field} {words} offValue="no" isChecked /></div>
					{/each}
				</fieldset>
			{/if}
			<CheckBox
				name="route"
				value="complete"
				offValue="short"
				words={texts.everything(PROMISED_MINUTES.complete)}
				isChecked={route === 'complete'}
			/>
			<Button look="main" size="thumb">{data.hasConsent ? texts.goOn : texts.begin}</Button>
		</form>
	{/if}
</main>
