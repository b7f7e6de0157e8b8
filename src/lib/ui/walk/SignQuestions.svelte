<script lang="ts">
	import { signField } from '$lib/core/answers';
	import { EMERGENCY_SIGNS, PROFESSIONAL_SIGNS } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';
	import type { Draft } from './draft.svelte';

	interface Props {
		draft: Draft;
		t: Catalogue;
	}

	let { draft, t }: Props = $props();

	const groups = $derived([
		{ title: t.first.emergencyTitle, lead: t.first.emergencyLead, signs: EMERGENCY_SIGNS, isUrgent: true },
		{
			title: t.first.professionalTitle,
			lead: t.first.professionalLead,
			signs: PROFESSIONAL_SIGNS,
			isUrgent: false
		}
	]);
</script>

{#each groups as group (group.title)}
	<section class="mt-6">
		<h2 class="text-lead" class:text-warm={group.isUrgent}>{group.title}</h2>
		<p class="text-ink-soft">{group.lead}</p>
		<div class="mt-2 border-t border-rule">
			{#each group.signs as sign (sign)}
				{@const field = signField(sign)}
				<fieldset class="sign">
					<legend>{t.first.signs[sign]}</legend>
					{#each ['no', 'yes'] as const as option (option)}
						<label class="choice">
							<input
								type="radio"
								name={field}
								value={option}
								checked={(draft.answers[field] || 'no') === option}
								onchange={() => draft.set(field, option)}
							/>
							<span>{t.first[option]}</span>
						</label>
					{/each}
				</fieldset>
			{/each}
		</div>
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
</style>
