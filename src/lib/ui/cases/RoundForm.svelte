<script lang="ts">
	import { RULES_IN_FORCE } from '$lib/core/rules';
	import { enhance } from '$app/forms';
	import { SvelteSet } from 'svelte/reactivity';
	import { untrack } from 'svelte';
	import { ROUTES } from '$lib/core/answers';
	import { WAYS } from '$lib/core/corner';
	import { messagesFor } from '$lib/messages';
	import { filledText, ROUND_FIELDS } from '$lib/messages/letters';
	import { CaseForm } from './case-form.svelte';
	import FormFault from './FormFault.svelte';

	interface Round {
		readonly name: string;
		readonly filter: {
			readonly teams: readonly string[];
			readonly country: string;
			readonly notAnsweredWithinDays: number;
		};
		readonly way: string;
		readonly route: string;
		readonly subject: string;
		readonly body: string;
		readonly startsOn: string;
		readonly dueOn: string;
		readonly timeZone: string;
	}

	interface Props {
		round: Round;
		version: number | null;
		teams: readonly string[];
		countries: readonly string[];
		action: string;
		words: string;
	}

	let { round, version, teams, countries, action, words }: Props = $props();

	const t = messagesFor();
	const country = new Intl.DisplayNames('en', { type: 'region' });
	const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
	const chosen = new SvelteSet<string>(untrack(() => round.filter.teams));
	/** As typed; a change by somebody else does not take it away, it is shown when this is kept. */
	const typed = $state(
		untrack(() => ({
			name: round.name,
			country: round.filter.country,
			within: round.filter.notAnsweredWithinDays > 0 ? String(round.filter.notAnsweredWithinDays) : '',
			way: round.way,
			route: round.route,
			subject: round.subject,
			body: round.body,
			startsOn: round.startsOn,
			dueOn: round.dueOn,
			timeZone: round.timeZone
		}))
	);
	let isKept = $state(false);
	const form = new CaseForm(() => (isKept = true));
	const filled = (text: string) =>
		filledText(text, { name: 'Odo Fennick', until: typed.dueOn ? date.format(new Date(typed.dueOn)) : '…' });
</script>

<form method="POST" {action} use:enhance={form.submit} class="columns">
	{#if version !== null}<input type="hidden" name="version" value={version} />{/if}
	<div class="grid content-start gap-4">
		<label
			><span class="font-semibold">Name of the round</span>
			<input
				class="field mt-1"
				name="name"
				maxlength="80"
				required
				bind:value={typed.name}
				placeholder="Spring"
			/></label
		>
		<fieldset>
			<legend class="font-semibold">Who</legend>
			<input type="hidden" name="teams" value={[...chosen].join('\n')} />
			<p class="text-note text-ink-soft">
				{chosen.size === 0 ? 'Everyone who is here and can be reached. Choose teams to narrow it.' : ''}
			</p>
			<div class="mt-1 flex max-h-40 flex-wrap gap-x-4 gap-y-1 overflow-y-auto">
				{#each teams as team (team)}
					<label class="inline-flex min-h-7 items-center gap-1.5 text-note">
						<input
							type="checkbox"
							checked={chosen.has(team)}
							onchange={() => {
								if (!chosen.delete(team)) chosen.add(team);
							}}
						/>{team}</label
					>
				{/each}
			</div>
			<div class="mt-2 grid items-end gap-3 sm:grid-cols-2">
				<label class="text-note"
					>Country
					<select class="field mt-0.5" name="country" bind:value={typed.country}>
						<option value="">every country</option>
						{#each countries as code (code)}<option value={code}>{country.of(code)}</option>{/each}
					</select>
				</label>
				<label class="text-note"
					>Only who has not answered for so many days
					<input
						class="field mt-0.5"
						name="within"
						inputmode="numeric"
						pattern="[0-9]*"
						maxlength="4"
						placeholder="0: everyone"
						bind:value={typed.within}
					/>
				</label>
			</div>
		</fieldset>
		<label
			><span class="font-semibold">Way of sitting that results are judged by</span>
			<select class="field mt-1" name="way" bind:value={typed.way}>
				{#each WAYS as way (way)}<option value={way}>{t.ways[way].name}</option>{/each}
			</select>
		</label>
		<label
			><span class="font-semibold">How much is asked</span>
			<select class="field mt-1" name="route" bind:value={typed.route}>
				{#each ROUTES as route (route)}<option value={route}>{t.routes[route]}</option>{/each}
			</select>
		</label>
		<div class="grid gap-3 sm:grid-cols-3">
			<label class="text-note"
				>First day <input
					class="field mt-0.5"
					type="date"
					name="startsOn"
					required
					bind:value={typed.startsOn}
				/></label
			>
			<label class="text-note"
				>Last day <input
					class="field mt-0.5"
					type="date"
					name="dueOn"
					required
					bind:value={typed.dueOn}
				/></label
			>
			<label class="text-note"
				>Time zone <input
					class="field mt-0.5"
					name="timeZone"
					required
					maxlength="60"
					bind:value={typed.timeZone}
				/></label
			>
		</div>
		<p class="text-note text-ink-soft">
			Who stays silent is reminded after {new Intl.ListFormat('en-GB').format(
				RULES_IN_FORCE.policy.reminderWorkingDays.map(String)
			)} working days of their own country, then stands on the call list.
		</p>
		<div class="flex items-center gap-3">
			<button class="btn btn-main" disabled={form.isBusy}>{words}</button>
			<span role="status" class="text-note text-cool">{isKept ? 'Kept. Nothing is sent yet.' : ''}</span>
		</div>
		<FormFault fault={form.fault} />
	</div>
	<div class="grid content-start gap-4">
		<label
			><span class="font-semibold">Subject</span>
			<input class="field mt-1" name="subject" maxlength="150" required bind:value={typed.subject} /></label
		>
		<label
			><span class="font-semibold">Letter</span>
			<span class="text-note text-ink-soft">{ROUND_FIELDS.join(' and ')} are filled in for each person.</span>
			<textarea class="field mt-1 min-h-52" name="body" maxlength="5000" required bind:value={typed.body}
			></textarea>
		</label>
		<section class="border border-rule bg-sheet p-4 text-note" aria-label="As it arrives">
			<p class="text-ink-soft">As it arrives</p>
			<p class="mt-1 font-semibold">{filled(typed.subject)}</p>
			<p class="mt-1 whitespace-pre-wrap">{filled(typed.body)}</p>
			<p class="mt-3"><span class="btn btn-small" aria-hidden="true">Begin</span></p>
		</section>
	</div>
</form>

<style>
	.columns {
		display: grid;
		gap: 2rem;
		margin-top: 1.25rem;
	}
	@media (min-width: 64rem) {
		.columns {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		}
	}
</style>
