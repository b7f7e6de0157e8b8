<script lang="ts">
	import { countryWords } from '$lib/messages/reader-formats';
	import { dayWords } from '$lib/messages/dates';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import Select from '../platform/kit/Select.svelte';
	import TextArea from '../platform/kit/TextArea.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import Button from '../platform/kit/Button.svelte';
	import { enhanceForm } from '../platform/kit/enhance-form';
	import { SvelteSet } from 'svelte/reactivity';
	import { untrack } from 'svelte';
	import type { Organisation } from '$lib/core/platform/organisation';
	import {
		emailButton,
		emailFrame,
		filledText,
		organisationFields,
		ROUND_FIELDS,
		subjectLine
	} from '$lib/messages/emails';
	import { CaseForm } from './case-form.svelte';
	import DayField from './DayField.svelte';
	import FormError from './FormError.svelte';
	import SetUpFields from './SetUpFields.svelte';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Round {
		readonly name: string;
		readonly filter: {
			readonly teams: readonly string[];
			readonly country: string;
			readonly notAnsweredWithinDays: number;
		};
		readonly sittingStyle: string;
		readonly questionnaireMode: string;
		readonly breakSchedule: string;
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
		organisation: Organisation;
		/** Working days after the invitation at which people are reminded. */
		reminderDays: readonly number[];
		action: string;
		words: string;
	}

	let { round, version, teams, countries, organisation, reminderDays, action, words }: Props = $props();

	const t = deskCatalogue();
	const chosen = new SvelteSet<string>(untrack(() => round.filter.teams));
	/** As typed; a change by someone else does not discard it, but is shown when this is saved. */
	const typed = $state(
		untrack(() => ({
			name: round.name,
			country: round.filter.country,
			within: round.filter.notAnsweredWithinDays > 0 ? String(round.filter.notAnsweredWithinDays) : '',
			sittingStyle: round.sittingStyle,
			questionnaireMode: round.questionnaireMode,
			breakSchedule: round.breakSchedule,
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
		filledText(text, {
			name: texts.exampleName,
			until: typed.dueOn ? dayWords(typed.dueOn) : '…',
			...organisationFields(organisation)
		});
	const frame = $derived(emailFrame('invitation', organisation));
</script>

<form method="POST" {action} use:enhanceForm={form.submit} class="columns">
	{#if version !== null}<input type="hidden" name="version" value={version} />{/if}
	<div class="grid content-start gap-4">
		<TextField
			name="name"
			id="round-name"
			label={texts.roundName}
			size="desk"
			maxlength={80}
			isRequired
			placeholder={texts.roundNameExample}
			value={typed.name}
			oninput={(text) => (typed.name = text)}
		/>
		<fieldset>
			<legend class="font-semibold">{texts.people}</legend>
			<input type="hidden" name="teams" value={[...chosen].join('\n')} />
			<p class="text-note text-ink-soft">
				{texts.everyoneReachable(chosen.size)}
			</p>
			<div class="mt-1 flex max-h-40 flex-wrap gap-x-4 gap-y-1 overflow-y-auto">
				{#each teams as team (team)}
					<CheckBox
						words={team}
						size="desk"
						isChecked={chosen.has(team)}
						onchange={() => {
							if (!chosen.delete(team)) chosen.add(team);
						}}
					/>
				{/each}
			</div>
			<div class="mt-2 grid items-end gap-3 sm:grid-cols-2">
				<Select
					name="country"
					label={texts.country}
					size="desk"
					value={typed.country}
					options={[
						{ value: '', words: texts.allCountries },
						...countries.map((value) => ({ value, words: countryWords(value) }))
					]}
					onchange={(value) => (typed.country = value)}
				/>
				<TextField
					name="within"
					label={texts.withoutAnswerSince}
					size="desk"
					inputmode="numeric"
					maxlength={4}
					placeholder={texts.everyone}
					value={typed.within}
					oninput={(text) => (typed.within = text)}
				/>
			</div>
		</fieldset>
		<SetUpFields values={typed} onchange={(field, value) => (typed[field] = value)} {t} />
		<div class="grid items-end gap-3 sm:grid-cols-3">
			<DayField
				id="starts-on"
				name="startsOn"
				label={texts.firstDay}
				isRequired
				value={typed.startsOn}
				onchange={(day) => (typed.startsOn = day)}
			/>
			<DayField
				id="due-on"
				name="dueOn"
				label={texts.lastDay}
				isRequired
				value={typed.dueOn}
				onchange={(day) => (typed.dueOn = day)}
			/>
			<TextField
				name="timeZone"
				id="time-zone"
				label={texts.timeZone}
				size="desk"
				isRequired
				maxlength={60}
				value={typed.timeZone}
				oninput={(text) => (typed.timeZone = text)}
			/>
		</div>
		<p class="text-note text-ink-soft">
			{texts.reminderPlan(t.lists.and(reminderDays.map(String)))}
		</p>
		<div class="flex items-center gap-3">
			<Button look="main" size="desk" isBusy={form.isBusy}>{words}</Button>
			<span role="status" class="text-note text-cool">{texts.roundSaved(isKept)}</span>
		</div>
		<FormError fault={form.fault} />
	</div>
	<div class="grid content-start gap-4">
		<TextField
			name="subject"
			label={texts.subject}
			size="desk"
			maxlength={150}
			isRequired
			value={typed.subject}
			oninput={(text) => (typed.subject = text)}
		/>
		<TextArea
			name="body"
			id="round-letter"
			label={texts.emailText}
			hint={texts.fieldsHint(t.lists.and(ROUND_FIELDS))}
			size="desk"
			rows={9}
			maxlength={5000}
			isRequired
			value={typed.body}
			oninput={(text) => (typed.body = text)}
		/>
		<section class="border border-rule bg-sheet p-4 text-note" aria-label={texts.preview}>
			<p class="text-ink-soft">{texts.preview}</p>
			<div lang="en">
				<p class="mt-1 font-semibold">{subjectLine(filled(typed.subject), organisation)}</p>
				<p class="mt-1 whitespace-pre-wrap">{filled(typed.body)}</p>
				<p class="mt-3">
					<span class="kit-button plain desk" aria-hidden="true">{emailButton('invitation')}</span>
				</p>
				<p class="mt-3 text-ink-soft">{frame.belowButton}</p>
				<p class="mt-3 whitespace-pre-line">{frame.signature.join('\n')}</p>
				{#each frame.notes as note (note)}<p class="mt-2 text-ink-soft">{note}</p>{/each}
			</div>
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
