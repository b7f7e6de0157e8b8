<script lang="ts">
	import { painField, painOptions, placeName, type BodyPlace, type FieldIssue } from '$lib/core/answers';
	import { DISCOMFORT_KINDS, HINDERS, partsOf } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';
	import { folded } from '../kit/folded';
	import CheckBox from '../kit/CheckBox.svelte';
	import ChoiceRows from '../kit/ChoiceRows.svelte';
	import type { Answering } from './answering';
	import NumberScale from '../kit/NumberScale.svelte';
	import Later from '../later/Later.svelte';

	interface Props {
		place: BodyPlace;
		draft: Answering;
		t: Catalogue;
		issues: readonly FieldIssue[];
		isOpen?: boolean;
	}

	let { place, draft, t, issues, isOpen = false }: Props = $props();

	const name = $derived(placeName(place));
	const words = $derived.by(() => {
		const region = t.discomfort.places[place.region];
		return place.side === null ? region : t.discomfort.sided(region, place.side);
	});
	const parts = $derived(partsOf(place.region));
	const worst = $derived(Number(draft.answers[painField(place, 'worst')] || 0));
	const daysMissing = $derived(
		worst > 0 &&
			!Number(draft.answers[painField(place, 'days')] || 0) &&
			issues.some(({ field }) => field === painField(place, 'days'))
	);
</script>

<li id="place-{name}" class="border-b border-rule">
	<Later
		><details {...folded(worst > 0 || isOpen)}>
			<summary>
				<span class="font-semibold">{words}</span>
				<span class="num text-note" class:text-warm={worst >= 4}>
					{worst > 0 ? t.discomfort.told(worst) : t.discomfort.none}
				</span>
			</summary>
			<NumberScale
				name={painField(place, 'worst')}
				options={painOptions('worst')}
				value={draft.answers[painField(place, 'worst')]}
				onchange={(value) => draft.set(painField(place, 'worst'), value)}
			>
				{#snippet legend()}{t.discomfort.worst}
					<span class="text-note text-ink-soft">{t.discomfort.worstEnds}</span>{/snippet}
			</NumberScale>
			<NumberScale
				name={painField(place, 'days')}
				options={painOptions('days')}
				value={draft.answers[painField(place, 'days')]}
				onchange={(value) => draft.set(painField(place, 'days'), value)}
				fault={daysMissing ? t.discomfort.daysMissing : null}
			>
				{#snippet legend()}{t.discomfort.days}{/snippet}
			</NumberScale>
			<fieldset class="pb-2">
				<legend class="font-semibold">{t.discomfort.kinds}</legend>
				<div class="mt-1 flex flex-wrap gap-2">
					{#each DISCOMFORT_KINDS as kind (kind)}
						{@const field = painField(place, `kind.${kind}`)}
						<CheckBox
							name={field}
							words={t.discomfort.kindOptions[kind]}
							look="row"
							offValue="no"
							isChecked={draft.answers[field] === 'yes'}
							onchange={(isTicked) => draft.set(field, isTicked ? 'yes' : 'no')}
						/>
					{/each}
				</div>
			</fieldset>
			{#if parts.length > 0}
				<fieldset class="pb-2">
					<legend class="font-semibold">{t.discomfort.parts}</legend>
					<div class="mt-1 flex flex-wrap gap-2">
						{#each parts as part (part)}
							{@const field = painField(place, `part.${part}`)}
							<CheckBox
								name={field}
								words={t.discomfort.partOptions[part]}
								look="row"
								offValue="no"
								isChecked={draft.answers[field] === 'yes'}
								onchange={(isTicked) => draft.set(field, isTicked ? 'yes' : 'no')}
							/>
						{/each}
					</div>
				</fieldset>
			{/if}
			<ChoiceRows
				name={painField(place, 'hinders')}
				legend={t.discomfort.hinders}
				look="wrap"
				options={HINDERS.map((value) => ({ value, words: t.discomfort.hindersOptions[value] ?? value }))}
				value={draft.answers[painField(place, 'hinders')] || 'no'}
				onchange={(value) => draft.set(painField(place, 'hinders'), value)}
			/>
		</details></Later
	>
</li>

<style>
	details {
		padding-bottom: 0.25rem;
	}
	details[open] {
		padding-bottom: 0.75rem;
	}
	summary {
		display: flex;
		justify-content: space-between;
		align-items: center;
		min-height: 2.75rem;
	}
</style>
