<script lang="ts">
	import {
		painField,
		painOptions,
		bodyPlaceName,
		type BodyPlace
	} from '$lib/core/questionnaire/answers/discomfort-answers';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { DISCOMFORT_KINDS, WORK_INTERFERENCE, regionPartsOf } from '$lib/core/cases/discomfort/report';
	import type { Catalogue } from '$lib/messages/shapes';
	import { openAttribute } from '../platform/kit/open-attribute';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import ChoiceRows from '../platform/kit/ChoiceRows.svelte';
	import type { AnswerStore } from './answer-store';
	import NumberScale from '../platform/kit/NumberScale.svelte';
	import LazyHydrate from '../platform/lazy-hydrate/LazyHydrate.svelte';

	interface Props {
		place: BodyPlace;
		draft: AnswerStore;
		t: Catalogue;
		issues: readonly FieldIssue[];
		isOpen?: boolean;
	}

	let { place, draft, t, issues, isOpen = false }: Props = $props();

	const name = $derived(bodyPlaceName(place));
	const words = $derived.by(() => {
		const region = t.discomfort.places[place.region];
		return place.side === null ? region : t.discomfort.sided(region, place.side);
	});
	const parts = $derived(regionPartsOf(place.region));
	const worst = $derived(Number(draft.answers[painField(place, 'worst')] || 0));
	const daysMissing = $derived(
		worst > 0 &&
			!Number(draft.answers[painField(place, 'days')] || 0) &&
			issues.some(({ field }) => field === painField(place, 'days'))
	);
</script>

{#snippet ticks(legend: string, options: readonly { readonly field: string; readonly words: string }[])}
	<fieldset class="pb-2">
		<legend class="font-semibold">{legend}</legend>
		<div class="mt-1 flex flex-wrap gap-2">
			{#each options as option (option.field)}
				<CheckBox
					name={option.field}
					words={option.words}
					look="row"
					offValue="no"
					isChecked={draft.answers[option.field] === 'yes'}
					onchange={(isTicked) => draft.set(option.field, isTicked ? 'yes' : 'no')}
				/>
			{/each}
		</div>
	</fieldset>
{/snippet}

<li id="place-{name}" class="border-b border-rule">
	<LazyHydrate
		><details {...openAttribute(worst > 0 || isOpen)}>
			<summary>
				<span class="font-semibold">{words}</span>
				<span class="num text-note" class:text-warm={worst >= 4}>
					{worst > 0 ? t.discomfort.level(worst) : t.discomfort.none}
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
			{@render ticks(
				t.discomfort.kinds,
				DISCOMFORT_KINDS.map((kind) => ({
					field: painField(place, `kind.${kind}`),
					words: t.discomfort.kindOptions[kind]
				}))
			)}
			{#if parts.length > 0}
				{@render ticks(
					t.discomfort.parts,
					parts.map((part) => ({
						field: painField(place, `part.${part}`),
						words: t.discomfort.partOptions[part]
					}))
				)}
			{/if}
			<ChoiceRows
				name={painField(place, 'hinders')}
				legend={t.discomfort.hinders}
				look="wrap"
				options={WORK_INTERFERENCE.map((value) => ({
					value,
					words: t.discomfort.hindersOptions[value] ?? value
				}))}
				value={draft.answers[painField(place, 'hinders')] || 'no'}
				onchange={(value) => draft.set(painField(place, 'hinders'), value)}
			/>
		</details></LazyHydrate
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
