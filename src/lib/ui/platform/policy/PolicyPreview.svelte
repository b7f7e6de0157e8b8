<script lang="ts">
	import type { PolicyChange } from '$lib/core/cases/triage/policy-settings';
	import type { CountOverAll, PolicyEffects } from '$lib/core/cases/triage/policy-effect';
	import type { TriageLevel } from '$lib/core/cases/triage/policy';
	import type { AssessmentResult, TriageReason } from '$lib/core/cases/case-assessment/assessment-result';
	import { deskWords } from '$lib/messages/desk';
	import { reasonWords } from '$lib/messages/desk/triage-words';
	import { formattedNumber } from '$lib/messages/desk/workforce-words';
	import PolicyChanges from './PolicyChanges.svelte';

	const texts = deskWords.policy;

	interface Props {
		/** Null where the page has said what changes. */
		changes: readonly PolicyChange[] | null;
		preview: PolicyEffects & {
			readonly people: readonly {
				readonly personId: string;
				readonly name: string;
				readonly from: TriageLevel;
				readonly to: TriageLevel;
				readonly reason: TriageReason;
				readonly grounds: Pick<AssessmentResult, 'evidence' | 'unclosable'>;
			}[];
		};
	}

	let { changes, preview }: Props = $props();

	const levelName = (level: TriageLevel) => deskWords.triage.levels[level].name;
	const count = (of: CountOverAll) => texts.count(of, formattedNumber);
</script>

{#if changes}
	<h2 class="text-head">{texts.wouldChange}</h2>
	<PolicyChanges {changes} />
{/if}
<p class="mt-3 text-note text-ink-soft">
	{preview.looked >= preview.of
		? texts.exact(preview.of, formattedNumber(preview.of))
		: texts.sampled(formattedNumber(preview.looked), formattedNumber(preview.of))}
</p>
<ul class="mt-2 list-disc ps-5">
	{#each preview.moves as move (`${move.from} ${move.to}`)}
		<li>{texts.move(count(move), levelName(move.from), levelName(move.to))}</li>
	{:else}
		<li>{texts.nobodyMoves}</li>
	{/each}
	{#if preview.otherDays.high > 0}<li>{texts.otherDays(count(preview.otherDays))}</li>{/if}
	{#if preview.askedSooner.high > 0}<li>{texts.askedSooner(count(preview.askedSooner))}</li>{/if}
</ul>
{#if preview.people.length > 0}
	<details class="mt-3">
		<summary class="kit-button desk">{texts.listed(preview.people.length)}</summary>
		<ul class="mt-2 border-t border-rule">
			{#each preview.people as person (person.personId)}
				<li class="border-b border-rule py-1 text-note">
					<a href="/desk/cases/{person.personId}">{person.name}</a>:
					{levelName(person.from)} → {levelName(person.to)}
					<span class="block text-ink-soft">{reasonWords(person.reason, person.grounds)}</span>
				</li>
			{/each}
		</ul>
	</details>
{/if}
