<script lang="ts">
	import { SIGN_GROUPS, signField, type FieldIssue, type SignGroup } from '$lib/core/answers';
	import { isEmergency, type EmergencySign, type Sign } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';
	import type { Answering } from './answering';

	interface Props {
		draft: Answering;
		t: Catalogue;
		issues?: readonly FieldIssue[];
		/** Called at the tap on an emergency sign, once it is taken down. */
		stop?: (signs: readonly EmergencySign[]) => void;
	}

	let { draft, t, issues = [], stop = () => {} }: Props = $props();

	const WORDS = $derived({
		emergency: { title: t.first.emergencyTitle, lead: t.first.emergencyLead },
		professional: { title: t.first.professionalTitle, lead: t.first.professionalLead }
	} as const);
	const groups = Object.entries(SIGN_GROUPS) as [SignGroup, readonly Sign[]][];
	const answerOf = (sign: Sign) => draft.answers[signField(sign)];
	const isNone = (signs: readonly Sign[]) => signs.every((sign) => answerOf(sign) === 'no');
	const isOpen = (signs: readonly Sign[]) =>
		issues.some(({ field }) => signs.some((sign) => signField(sign) === field)) &&
		signs.some((sign) => !answerOf(sign));

	function choose(sign: Sign, option: 'no' | 'yes') {
		draft.set(signField(sign), option);
		if (option === 'yes' && isEmergency(sign)) stop([sign]);
	}
</script>

{#each groups as [group, signs] (group)}
	<section class="mt-6" aria-labelledby="signs-{group}">
		<h2 id="signs-{group}" class="text-lead" class:text-warm={group === 'emergency'}>{WORDS[group].title}</h2>
		<p class="text-ink-soft">{WORDS[group].lead}</p>
		{#if isOpen(signs)}
			<p class="mt-2 border-l-4 border-warm bg-warm-wash px-3 py-1.5 font-semibold">{t.first.missing}</p>
		{/if}
		<div class="mt-2 border-t border-rule">
			{#each signs as sign (sign)}
				{@const field = signField(sign)}
				<fieldset class="sign">
					<legend>{t.first.signs[sign]}</legend>
					{#each ['no', 'yes'] as const as option (option)}
						<label class="choice">
							<input
								type="radio"
								name={field}
								value={option}
								checked={answerOf(sign) === option}
								onchange={() => choose(sign, option)}
							/>
							<span>{t.first[option]}</span>
						</label>
					{/each}
				</fieldset>
			{/each}
		</div>
		<p class="mt-3">
			<button
				class="btn w-full sm:w-auto"
				name="none"
				value={group}
				aria-pressed={isNone(signs)}
				formnovalidate
			>
				{isNone(signs) ? `✓ ${t.first.noneDone}` : t.first.none}<span class="sr-only"
					>: {WORDS[group].title}</span
				>
			</button>
		</p>
	</section>
{/each}

<style>
	.sign {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.5rem;
		padding: 0.5rem 0;
		border-bottom: 1px solid var(--rule);
	}
	legend {
		float: left;
		flex: 1 1 15rem;
		padding: 0;
	}
	button[aria-pressed='true'] {
		border-color: var(--cool);
		color: var(--cool);
	}
</style>
