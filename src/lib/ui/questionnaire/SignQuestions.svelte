<script lang="ts">
	import { RED_FLAG_GROUPS, type RedFlagGroup } from '$lib/core/questionnaire/answers/red-flag-answers';
	import { redFlagField } from '$lib/core/questionnaire/answers/checklist-fields';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { isEmergency, type EmergencyRedFlag, type RedFlag } from '$lib/core/cases/discomfort/red-flags';
	import { page } from '$app/state';
	import { messagesFor } from '$lib/messages';
	import type { Catalogue } from '$lib/messages/shapes';
	import Check from '@lucide/svelte/icons/check';
	import Button from '../platform/kit/Button.svelte';
	import ChoiceRows from '../platform/kit/ChoiceRows.svelte';
	import Notice from '../platform/kit/Notice.svelte';
	import type { AnswerStore } from './answer-store';

	interface Props {
		draft: AnswerStore;
		t: Catalogue;
		issues?: readonly FieldIssue[];
		/** The group asked about; all if left out. */
		group?: RedFlagGroup | null;
		/** Called when one tap answers a whole group: the page continues by itself where one question is shown at a time. */
		onpick?: () => void;
		/** Called when an emergency sign is tapped, once it is recorded. */
		stop?: (signs: readonly EmergencyRedFlag[]) => void;
	}

	let { draft, t, issues = [], group: only = null, stop = () => {}, onpick = () => {} }: Props = $props();

	/** Where nobody has reviewed the translation of warning signs, the English text is shown too. */
	const areChecked = $derived(page.data.areSignsChecked !== false);
	const english = messagesFor().first.signs;

	const WORDS = $derived({
		emergency: { title: t.first.emergencyTitle, lead: t.first.emergencyLead },
		urgent: { title: t.first.urgentTitle, lead: t.first.urgentLead },
		professional: { title: t.first.professionalTitle, lead: t.first.professionalLead },
		distress: { title: t.first.distressTitle, lead: t.first.distressLead }
	} as const);
	const groups = $derived(
		(Object.entries(RED_FLAG_GROUPS) as [RedFlagGroup, readonly RedFlag[]][]).filter(
			([group]) => only === null || group === only
		)
	);
	const SIGN_OPTIONS = $derived([
		{ value: 'no', words: t.first.no },
		{ value: 'yes', words: t.first.yes }
	]);
	const answerOf = (sign: RedFlag) => draft.answers[redFlagField(sign)];
	const isAny = (signs: readonly RedFlag[]) => signs.some((sign) => answerOf(sign) === 'yes');
	const isAnswered = (signs: readonly RedFlag[]) => signs.every((sign) => answerOf(sign));
	/** One tap says no to the rest: someone with one sign need not say no to all others one by one. */
	const noneWords = (signs: readonly RedFlag[]) =>
		isAny(signs)
			? isAnswered(signs)
				? t.first.noneOfOthersDone
				: t.first.noneOfOthers
			: isAnswered(signs)
				? t.first.noneDone
				: t.first.none;
	const isOpen = (signs: readonly RedFlag[]) =>
		issues.some(({ field }) => signs.some((sign) => redFlagField(sign) === field)) &&
		signs.some((sign) => !answerOf(sign));

	function choose(sign: RedFlag, option: 'no' | 'yes') {
		draft.set(redFlagField(sign), option);
		if (option === 'yes' && isEmergency(sign)) stop([sign]);
	}
</script>

{#each groups as [group, signs] (group)}
	<section class="sign-group" aria-labelledby="signs-{group}">
		<h2 id="signs-{group}" class="text-lead" class:text-warm={group === 'emergency'}>{WORDS[group].title}</h2>
		{#if WORDS[group].lead}<p class="text-ink-soft">{WORDS[group].lead}</p>{/if}
		{#if isOpen(signs)}
			<Notice kind="caution"><p class="font-semibold">{t.first.missing}</p></Notice>
		{/if}
		<div class="mt-2 border-t border-rule">
			{#each signs as sign (sign)}
				{@const field = redFlagField(sign)}
				<div class="sign">
					<ChoiceRows
						name={field}
						legend={t.first.signs[sign]}
						inEnglish={areChecked ? '' : english[sign]}
						look="wrap"
						options={SIGN_OPTIONS}
						value={answerOf(sign) ?? ''}
						onchange={(option) => choose(sign, option as 'no' | 'yes')}
						onpick={(option) => signs.length === 1 && option === 'no' && onpick()}
					/>
				</div>
			{/each}
		</div>
		{#if signs.length > 1}<p class="mt-3">
				<Button
					size="thumb"
					class="w-full sm:w-auto"
					name="none"
					value={group}
					aria-pressed={isAnswered(signs)}
					formnovalidate
				>
					{#if isAnswered(signs)}<Check size={20} aria-hidden="true" />{/if}{noneWords(signs)}<span
						class="sr-only">: {WORDS[group].title}</span
					>
				</Button>
			</p>{/if}
	</section>
{/each}

<style>
	.sign-group + .sign-group {
		margin-top: 1.75rem;
	}
	.sign {
		padding: 0.375rem 0;
		border-bottom: 1px solid var(--rule);
	}
	/* The words beside their answers, so that a whole group fits on a phone. */
	.sign :global(.kit-choices) {
		display: flex;
		align-items: center;
		gap: 0.5rem;
	}
	.sign :global(legend) {
		float: left;
		flex: 1 1 0;
		min-width: 0;
		padding: 0;
		font: 400 var(--text-body) / 1.35 var(--font-sans) !important;
	}
	.sign :global(.options) {
		flex-wrap: nowrap;
		gap: 0.375rem;
		margin-top: 0;
	}
	.sign :global(.kit-choice) {
		justify-content: center;
		min-width: 3.25rem;
		padding-inline: 0.5rem;
	}
	.sign :global(.kit-choice input) {
		inset-inline-start: 0;
		width: 0.5rem;
		height: 100%;
	}
	.sign :global(.tick) {
		display: none;
	}
</style>
