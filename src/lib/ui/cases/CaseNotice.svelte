<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { dayWords } from '$lib/messages/dates';
	import { reasonWords } from '$lib/messages/desk/triage-words';
	import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
	import type { PolicySettings } from '$lib/core/cases/triage/policy-settings';
	import { isMoreUrgent } from '$lib/core/cases/triage/policy';
	import KeyWords from '../platform/shortcuts/KeyWords.svelte';
	import ContactForm from './ContactForm.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		assessmentResult: AssessmentResult;
		/** The settings by which levels are given. */
		policy: PolicySettings;
		actBy: string | null;
		/** Warning signs that the person has since taken back: still open. */
		takenBack: readonly string[];
		contact: ComponentProps<typeof ContactForm>;
	}

	let { assessmentResult, policy, actBy, takenBack, contact }: Props = $props();

	const isGrave = $derived(isMoreUrgent(assessmentResult.level, 'help'));
</script>

<section class="notice {isGrave ? 'border-warm bg-warm-wash' : 'border-cool bg-cool-wash'}">
	<div>
		<h2 class="text-body" title={deskWords.triage.levels[assessmentResult.level].rule(policy)}>
			{texts.levelAndDay(deskWords.triage.levels[assessmentResult.level].name, actBy && dayWords(actBy))}
		</h2>
		<ul>
			{#each assessmentResult.reasons as reason, i (i)}
				<li class:font-semibold={i === 0}>
					{reasonWords(reason, assessmentResult)}
					<span class="text-note font-normal text-ink-soft"
						>{texts.signSince(
							dayWords(reason.on, 'medium'),
							Boolean(reason.sign && takenBack.includes(reason.sign))
						)}</span
					>
				</li>
			{/each}
		</ul>
	</div>
	{#if contact.closable.length > 0}
		<details
			id="outcome"
			class="outcome no-print"
			ontoggle={(event) => {
				if (event.currentTarget.open)
					event.currentTarget.querySelector<HTMLElement>('select, input:not([type=hidden])')?.focus();
			}}
		>
			<summary id="outcome-act" class="kit-button main desk"><KeyWords act="outcome" /></summary>
			<ContactForm {...contact} />
		</details>
	{/if}
</section>

<style>
	.notice {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.25rem 1rem;
		max-height: 70dvh;
		margin-top: 0.5rem;
		padding: 0.4rem 0.8rem;
		overflow: auto;
		border-inline-start-width: 8px;
		border-inline-start-style: solid;
	}
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.25rem;
	}
	.outcome {
		justify-self: end;
	}
	.outcome[open] {
		grid-column: 1 / -1;
		justify-self: stretch;
		max-width: 40rem;
	}
	@media (max-width: 40rem) {
		.notice {
			grid-template-columns: 1fr;
		}
	}
</style>
