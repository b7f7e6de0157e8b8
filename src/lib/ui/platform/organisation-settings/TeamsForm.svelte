<script lang="ts">
	import { TEAM_NAME_LENGTH } from '$lib/core/platform/organisation-settings/teams';
	import { deskWords } from '$lib/messages/desk';
	import Button from '../kit/Button.svelte';
	import TextField from '../kit/TextField.svelte';
	import { nextNumber, withEntry, withoutEntry, type SettingsDraft } from './settings-draft.svelte';

	const texts = deskWords.settings.teams;

	let { draft }: { draft: SettingsDraft<'teams'> } = $props();

	const teams = $derived(draft.settings.teams);
	const add = () =>
		draft.change({ teams: [...teams, { id: nextNumber(teams.map(({ id }) => id)), name: '' }] });
</script>

<p class="text-note text-ink-soft">{teams.length === 0 ? texts.none : texts.mergeHint}</p>
<ul class="mt-2 border-t border-rule">
	{#each teams as team, i (team.id)}
		<li class="team">
			<div class="grow">
				<TextField
					name=""
					id="team-{team.id}"
					label={texts.name(i + 1)}
					isLabelHidden
					size="desk"
					maxlength={TEAM_NAME_LENGTH}
					value={team.name}
					oninput={(name) => draft.change({ teams: withEntry(teams, i, { name }) })}
				/>
			</div>
			<Button
				type="button"
				size="desk"
				look="quiet"
				aria-label={texts.remove(team.name)}
				onclick={() => draft.change({ teams: withoutEntry(teams, i) })}>{deskWords.settings.remove}</Button
			>
		</li>
	{/each}
</ul>
<p class="mt-3"><Button type="button" size="desk" class="needs-js" onclick={add}>{texts.add}</Button></p>

<style>
	.team {
		display: flex;
		gap: 0.75rem;
		align-items: center;
		padding-block: 0.375rem;
		border-bottom: 1px solid var(--rule);
	}
</style>
