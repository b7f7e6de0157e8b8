<script lang="ts">
	import { THING_CHOICES, type ThingChoice } from '$lib/core/questionnaire/answers/household-things';
	import { HOUSEHOLD_KINDS, type HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
	import { ownNameIn } from '$lib/core/platform/organisation-settings/own-names';
	import type { OwnHouseholdItem } from '$lib/core/platform/organisation-settings/household-items';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import Button from '../kit/Button.svelte';
	import CheckBox from '../kit/CheckBox.svelte';
	import Select from '../kit/Select.svelte';
	import OwnNameFields from './OwnNameFields.svelte';
	import { nextNumber, withEntry, withoutEntry, type SettingsDraft } from './settings-draft.svelte';
	import SizeFields from './SizeFields.svelte';

	const texts = deskWords.settings.household;

	interface Props {
		draft: SettingsDraft<'household-items'>;
		/** Those that people read. */
		languages: readonly string[];
	}

	let { draft, languages }: Props = $props();

	const { names } = deskCatalogue().things;
	const { kinds, own } = $derived(draft.settings);
	const shownOf = (choice: ThingChoice) => kinds.find(({ kind }) => kind === choice.kind);
	function offer(choice: ThingChoice, isOffered: boolean): void {
		const next = THING_CHOICES.flatMap((one) => {
			if (one.kind === choice.kind) return isOffered ? [choice] : [];
			return kinds.filter(({ kind }) => kind === one.kind);
		});
		draft.change({ kinds: next, own });
	}
	const resize = (kind: HouseholdKind, size: ThingChoice['size']) =>
		draft.change({ kinds: kinds.map((one) => (one.kind === kind ? { kind, size } : one)), own });
	const changeOwn = (i: number, part: Partial<OwnHouseholdItem>) =>
		draft.change({ kinds, own: withEntry(own, i, part) });
	const add = () =>
		draft.change({
			kinds,
			own: [
				...own,
				{ id: nextNumber(own.map(({ id }) => id)), names: {}, kind: 'sturdy-box', size: [400, 300, 150] }
			]
		});
</script>

<fieldset>
	<legend class="text-lead font-semibold">{texts.kinds}</legend>
	<p class="head" aria-hidden="true">
		<span></span>{#each texts.sides as side (side)}<span>{side}</span>{/each}
	</p>
	<ul class="border-t border-rule">
		{#each THING_CHOICES as choice (choice.kind)}
			{@const shown = shownOf(choice)}
			<li class="kind">
				<CheckBox
					size="desk"
					words={names[choice.kind]}
					isChecked={shown !== undefined}
					disabled={shown !== undefined && kinds.length === 1}
					onchange={(isChecked) => offer(choice, isChecked)}
				/>
				{#if shown}
					<SizeFields
						prefix="size-{choice.kind}"
						of={names[choice.kind]}
						size={shown.size}
						onchange={(size) => resize(choice.kind, size)}
					/>
				{/if}
			</li>
		{/each}
	</ul>
</fieldset>
<fieldset class="mt-6">
	<legend class="text-lead font-semibold">{texts.own}</legend>
	<ul class="border-t border-rule">
		{#each own as item, i (item.id)}
			{@const name = ownNameIn(item.names, deskLocale()) || texts.newItem}
			<li class="own">
				<OwnNameFields
					prefix="own-{item.id}"
					names={item.names}
					{languages}
					onchange={(given) => changeOwn(i, { names: given })}
				/>
				<Select
					name=""
					id="own-kind-{item.id}"
					label={texts.kind}
					size="desk"
					value={item.kind}
					options={HOUSEHOLD_KINDS.map((value) => ({ value, words: names[value] }))}
					onchange={(kind) => changeOwn(i, { kind: kind as HouseholdKind })}
				/>
				<SizeFields
					prefix="own-size-{item.id}"
					of={name}
					size={item.size}
					onchange={(size) => changeOwn(i, { size })}
				/>
				<Button
					type="button"
					size="desk"
					look="quiet"
					aria-label={deskWords.settings.daysOff.remove(name)}
					onclick={() => draft.change({ kinds, own: withoutEntry(own, i) })}
					>{deskWords.settings.remove}</Button
				>
			</li>
		{/each}
	</ul>
	<p class="mt-3">
		<Button type="button" size="desk" class="needs-js" onclick={add}>{texts.add}</Button>
	</p>
</fieldset>

<style>
	.kind,
	.head {
		display: grid;
		gap: 0.5rem;
		align-items: center;
	}
	.kind {
		padding-block: 0.375rem;
		border-bottom: 1px solid var(--rule);
	}
	.head {
		display: none;
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	.own {
		display: grid;
		gap: 0.5rem 0.75rem;
		align-items: end;
		justify-items: start;
		padding-block: 0.75rem;
		border-bottom: 1px solid var(--rule);
	}
	@media (min-width: 40rem) {
		.kind {
			grid-template-columns: minmax(10rem, 1fr) 19rem;
		}
		.head {
			display: grid;
			grid-template-columns: minmax(10rem, 1fr) repeat(3, 6rem);
			margin-top: 0.25rem;
		}
		.own {
			grid-template-columns: repeat(2, minmax(10rem, 1fr));
			justify-items: stretch;
		}
		.own :global(button) {
			justify-self: end;
		}
	}
</style>
