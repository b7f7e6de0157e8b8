<script lang="ts">
	import {
		EYE_TEST_LENGTHS,
		type EyeTestEntitlement
	} from '$lib/core/platform/organisation-settings/eye-tests';
	import { deskWords } from '$lib/messages/desk';
	import { countryWords, languageWords } from '$lib/messages/reader-formats';
	import Button from '../kit/Button.svelte';
	import Select from '../kit/Select.svelte';
	import TextArea from '../kit/TextArea.svelte';
	import TextField from '../kit/TextField.svelte';
	import { withEntry, withoutEntry, type SettingsDraft } from './settings-draft.svelte';

	const texts = deskWords.settings.eyeTests;

	interface Props {
		draft: SettingsDraft<'eye-tests'>;
		/** Codes of the countries to choose from. */
		countries: readonly string[];
		/** Those that people read. */
		languages: readonly string[];
	}

	let { draft, countries, languages }: Props = $props();

	const entries = $derived(draft.settings.entitlements);
	const nameOf = (country: string) => (country === '' ? texts.otherCountries : countryWords(country));
	/** The country whose fields are open; null for none. */
	let open = $state<string | null>(null);
	const free = $derived(
		['', ...countries]
			.filter((country) => !entries.some((entry) => entry.country === country))
			.map((value) => ({ value, words: nameOf(value) }))
			.sort((a, b) => a.words.localeCompare(b.words))
	);
	let chosen = $state<string | null>(null);
	const next = $derived(free.some(({ value }) => value === chosen) ? (chosen ?? '') : (free[0]?.value ?? ''));
	const change = (i: number, part: Partial<EyeTestEntitlement>) =>
		draft.change({ entitlements: withEntry(entries, i, part) });
	/** Months as typed, until they are a number. */
	let typed = $state<Record<string, string>>({});
	const isMonths = (text: string) => /^(?:[1-9]\d?|1[01]\d|120)?$/.test(text.trim());
	function setMonths(i: number, country: string, text: string): void {
		typed[country] = text;
		if (isMonths(text)) change(i, { everyMonths: text.trim() === '' ? null : Number(text) });
	}
	const monthsOf = ({ country, everyMonths }: EyeTestEntitlement) =>
		typed[country] ?? (everyMonths === null ? '' : String(everyMonths));
	const add = () => {
		open = next;
		draft.change({
			entitlements: [...entries, { country: next, law: '', everyMonths: null, howTo: {} }]
		});
	};
</script>

<ul class="border-t border-rule">
	{#each entries as entry, i (entry.country)}
		<li class="border-b border-rule py-2.5">
			<div class="entry">
				<div>
					<p class="font-semibold">{nameOf(entry.country)}</p>
					<p class="text-note text-ink-soft">
						{entry.law}{#if entry.everyMonths !== null}, {texts.again(entry.everyMonths)}{/if}
					</p>
				</div>
				<Button
					type="button"
					size="desk"
					class="needs-js"
					aria-expanded={open === entry.country}
					aria-label={texts.detailsOf(nameOf(entry.country))}
					onclick={() => (open = open === entry.country ? null : entry.country)}>{texts.details}</Button
				>
				<Button
					type="button"
					size="desk"
					look="quiet"
					aria-label={texts.removeOf(nameOf(entry.country))}
					onclick={() => draft.change({ entitlements: withoutEntry(entries, i) })}
					>{deskWords.settings.remove}</Button
				>
			</div>
			{#if open === entry.country}
				<div class="fields">
					<TextField
						name=""
						id="law-{entry.country}"
						label={texts.law}
						size="desk"
						maxlength={EYE_TEST_LENGTHS.law}
						value={entry.law}
						oninput={(law) => change(i, { law })}
					/>
					<TextField
						name=""
						id="months-{entry.country}"
						label={texts.everyMonths}
						hint={texts.everyHint}
						size="desk"
						inputmode="numeric"
						maxlength={3}
						value={monthsOf(entry)}
						fault={isMonths(monthsOf(entry)) ? null : deskWords.settings.wholeNumber}
						oninput={(text) => setMonths(i, entry.country, text)}
					/>
					{#each languages as language (language)}
						<div lang={language}>
							<TextArea
								name=""
								id="how-{entry.country}-{language}"
								label={texts.howTo(languageWords(language))}
								size="desk"
								rows={2}
								maxlength={EYE_TEST_LENGTHS.howTo}
								value={entry.howTo[language] ?? ''}
								oninput={(text) => change(i, { howTo: { ...entry.howTo, [language]: text } })}
							/>
						</div>
					{/each}
				</div>
			{/if}
		</li>
	{/each}
</ul>
<div class="mt-3 flex flex-wrap items-end gap-3">
	<Select
		name=""
		id="eye-test-country"
		label={deskWords.settings.daysOff.country}
		size="desk"
		value={next}
		options={free}
		onchange={(country) => (chosen = country)}
	/>
	<Button type="button" size="desk" class="needs-js" onclick={add}>{texts.add}</Button>
</div>

<style>
	.entry {
		display: grid;
		gap: 0.25rem 1rem;
		align-items: center;
		justify-items: start;
	}
	.fields {
		display: grid;
		gap: 0.5rem;
		max-width: 36rem;
		margin-top: 0.5rem;
	}
	@media (min-width: 40rem) {
		.entry {
			grid-template-columns: minmax(0, 1fr) auto auto;
		}
	}
</style>
