<script lang="ts">
	import {
		BODY_PLACES,
		painField,
		painOptions,
		placeName,
		type BodyPlace,
		type FieldIssue
	} from '$lib/core/answers';
	import { DISCOMFORT_KINDS, HINDERS } from '$lib/core/discomfort';
	import type { Catalogue } from '$lib/messages';
	import BodyFigure from '../body-figure/BodyFigure.svelte';
	import type { Answering } from './answering';
	import PainScale from './PainScale.svelte';

	interface Props {
		draft: Answering;
		t: Catalogue;
		issues: readonly FieldIssue[];
	}

	let { draft, t, issues }: Props = $props();

	/** Places that are opened here and have no score yet. */
	let opened = $state<readonly string[]>([]);

	const worstOf = (place: BodyPlace) => Number(draft.answers[painField(place, 'worst')] || 0);
	const nameOf = ({ region, side }: BodyPlace) => {
		const name = t.discomfort.places[region];
		return side === null ? name : t.discomfort.sided(name, side);
	};
	const isMissing = (place: BodyPlace) =>
		worstOf(place) > 0 &&
		!Number(draft.answers[painField(place, 'days')] || 0) &&
		issues.some(({ field }) => field === painField(place, 'days'));
	const scores = $derived(Object.fromEntries(BODY_PLACES.map((place) => [placeName(place), worstOf(place)])));

	function touch(name: string) {
		opened = opened.includes(name) ? opened : [...opened, name];
		// After the list has opened the place, the eye goes where the finger was.
		requestAnimationFrame(() => {
			const place = document.getElementById(`place-${name}`);
			place?.scrollIntoView({ block: 'nearest' });
			place?.querySelector('input')?.focus();
		});
	}
</script>

<div class="layout">
	<div class="figure needs-js"><BodyFigure {scores} {touch} {t} /></div>
	<ul class="border-t border-ink">
		{#each BODY_PLACES as place (placeName(place))}
			{@const name = placeName(place)}
			{@const worst = worstOf(place)}
			<li id="place-{name}" class="border-b border-rule">
				<details open={worst > 0 || opened.includes(name)}>
					<summary>
						<span class="font-semibold">{nameOf(place)}</span>
						<span class="num text-note" class:text-warm={worst >= 4}>
							{worst > 0 ? t.discomfort.told(worst) : t.discomfort.none}
						</span>
					</summary>
					<PainScale field={painField(place, 'worst')} options={painOptions('worst')} {draft}>
						{#snippet legend()}{t.discomfort.worst}
							<span class="text-note text-ink-soft">{t.discomfort.worstEnds}</span>{/snippet}
					</PainScale>
					<PainScale
						field={painField(place, 'days')}
						options={painOptions('days')}
						{draft}
						fault={isMissing(place) ? t.discomfort.daysMissing : null}
					>
						{#snippet legend()}{t.discomfort.days}{/snippet}
					</PainScale>
					<fieldset>
						<legend>{t.discomfort.hinders}</legend>
						<div class="flex flex-wrap gap-2">
							{#each HINDERS as value (value)}
								<label class="choice">
									<input
										type="radio"
										name={painField(place, 'hinders')}
										{value}
										checked={(draft.answers[painField(place, 'hinders')] || 'no') === value}
										onchange={() => draft.set(painField(place, 'hinders'), value)}
									/><span>{t.discomfort.hindersOptions[value]}</span>
								</label>
							{/each}
						</div>
					</fieldset>
					<fieldset>
						<legend>{t.discomfort.kinds}</legend>
						<div class="flex flex-wrap gap-2">
							{#each DISCOMFORT_KINDS as kind (kind)}
								{@const field = painField(place, `kind.${kind}`)}
								<label class="choice">
									<input type="hidden" name={field} value="no" />
									<input
										type="checkbox"
										name={field}
										value="yes"
										checked={draft.answers[field] === 'yes'}
										onchange={(event) => draft.set(field, event.currentTarget.checked ? 'yes' : 'no')}
									/><span>{t.discomfort.kindOptions[kind]}</span>
								</label>
							{/each}
						</div>
					</fieldset>
				</details>
			</li>
		{/each}
	</ul>
</div>
<p class="mt-4 text-note text-ink-soft">{t.discomfort.care}</p>

<style>
	.layout {
		display: grid;
		gap: 1.25rem;
	}
	.figure {
		max-width: 24rem;
	}
	summary {
		display: flex;
		justify-content: space-between;
		align-items: center;
		min-height: 2.75rem;
		cursor: pointer;
		list-style: none;
	}
	summary::-webkit-details-marker {
		display: none;
	}
	fieldset {
		padding: 0.4rem 0 0.6rem;
	}
	legend {
		font-weight: 600;
	}
</style>
