<script lang="ts">
	import { tick, untrack } from 'svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import type { EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
	import { NEWS_KINDS } from '$lib/core/cases/case-assessment/vocabulary';
	import { messagesFor } from '$lib/messages';
	import { asideTextsFor } from '$lib/messages/aside';
	import { checklistTextsFor, findingName } from '$lib/messages/checklist';
	import { CheckInVisit } from '$lib/ui/cases/check-in/check-in-visit.svelte';
	import CheckInThanks from '$lib/ui/cases/check-in/CheckInThanks.svelte';
	import TickList from '$lib/ui/cases/check-in/TickList.svelte';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import DiscomfortQuestions from '$lib/ui/questionnaire/DiscomfortQuestions.svelte';
	import { deviceStop } from '$lib/ui/cases/warning-signs/device-stop.svelte';
	import SignQuestions from '$lib/ui/questionnaire/SignQuestions.svelte';

	let { data, form } = $props();

	/** What a form without scripts has sent already. */
	const given = (sent: typeof form): Record<string, string> =>
		(sent && 'fields' in sent ? (sent.fields as Record<string, string> | undefined) : undefined) ?? {};

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(asideTextsFor(data.locale).checkIn);
	const checklistTexts = $derived(checklistTextsFor(data.locale, data.checklist.own));
	const refused = $derived(form && 'fields' in form ? form : null);
	const visit = untrack(() => new CheckInVisit(data.token, deviceStorage(), given(form)));
	const issues = $derived(
		refused && 'issues' in refused && refused.issues ? (refused.issues as FieldIssue[]) : []
	);
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
	/** Stops on the tap: the sign is sent at once, whatever else is answered. */
	function halt(signs: readonly EmergencyRedFlag[]) {
		deviceStop.lock(data.token, signs, data.servedAt);
		void visit.report(signs).then((isIn) => {
			if (isIn) deviceStop.reported(data.token);
		});
		void tick().then(() => window.scrollTo(0, 0));
	}
</script>

<svelte:head><title>{data.sent ? texts.doneTitle : texts.title} · {t.product}</title></svelte:head>

<main id="content" class="mx-auto max-w-xl px-5 py-5">
	<p class="font-title font-semibold">{t.product}</p>
	{#if data.sent}
		<CheckInThanks token={data.token} sent={data.sent} {t} />
	{:else}
		<h1 class="mt-6 text-title">{texts.title}</h1>
		<p class="mt-1 text-lead text-ink-soft">{texts.lead}</p>
		<div role="alert">
			{#if fault}<p class="fault">{fault}</p>{/if}
			{#if issues.length > 0 || (refused && 'isUnsaid' in refused && refused.isUnsaid)}
				<p class="fault">{texts.missing}</p>
			{/if}
		</div>
		<form
			method="POST"
			class="check-in"
			autocomplete="off"
			use:enhanceForm={(event) => {
				const group = event.formData.get('none');
				if (group) {
					event.cancel();
					return visit.noneOf(String(group));
				}
				return async ({ result, update }) => {
					if (result.type === 'redirect') visit.forget();
					await update({ reset: false });
					if (result.type === 'failure') await tick();
				};
			}}
		>
			<!-- Enter presses the first button. -->
			<button type="submit" class="hidden" tabindex="-1" aria-hidden="true">{texts.send}</button>
			<section class="mt-6">
				<h2 class="text-lead">{texts.undoneTitle}</h2>
				<p class="text-ink-soft">
					{data.steps.length + data.findings.length > 0 ? texts.undoneLead : texts.undoneNone}
				</p>
				<TickList
					prefix="undone"
					options={[
						...data.steps.map((place) => [place, t.steps.places[place]] as const),
						...data.findings.map((finding) => [finding, findingName(checklistTexts, finding)] as const)
					]}
					{visit}
				/>
			</section>
			<section class="mt-6">
				<h2 class="text-lead">{texts.discomfortTitle}</h2>
				<p class="text-ink-soft">{texts.discomfortLead}</p>
				{#if refused && 'isUnsaid' in refused && refused.isUnsaid}
					<p class="fault">{texts.missingDiscomfort}</p>
				{/if}
				<TickList prefix="" options={[['nothing', texts.noDiscomfort]]} {visit} />
				{#if visit.answers.nothing !== 'yes'}
					<div class="mt-3"><DiscomfortQuestions draft={visit} {t} {issues} offersNothing={false} /></div>
				{/if}
			</section>
			<SignQuestions draft={visit} {t} {issues} stop={halt} />
			<section class="mt-6">
				<h2 class="text-lead">{texts.newsTitle}</h2>
				<p class="text-ink-soft">{texts.newsLead}</p>
				<TickList
					prefix="news"
					options={NEWS_KINDS.map((news) => [news, texts.news[news]] as const)}
					{visit}
				/>
			</section>
			<p class="mt-8"><Button look="main" size="thumb" class="w-full sm:w-auto">{texts.send}</Button></p>
		</form>
		<p class="mt-6 text-note"><Button look="quiet" href="/c/{data.token}/plan">{texts.plan}</Button></p>
	{/if}
</main>

<style>
	.fault {
		margin-top: 0.75rem;
		padding: 0.375rem 0.75rem;
		border-inline-start: 4px solid var(--warm);
		background: var(--warm-wash);
	}
</style>
