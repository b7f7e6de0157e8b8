<script lang="ts">
	import { listedThings } from '$lib/core/questionnaire/answers/household-things';
	import { thingField } from '$lib/core/questionnaire/answers/fields';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import { page } from '$app/state';
	import {
		ownThingCode,
		SHIPPED_OFFER,
		type HouseholdOffer
	} from '$lib/core/platform/organisation-settings/household-items';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import type { Draft } from './draft.svelte';
	import DeviceQuestion from './DeviceQuestion.svelte';
	import Shelf from './Shelf.svelte';
	import ThingRow from './ThingRow.svelte';

	interface Props {
		draft: Draft;
		t: Catalogue;
		issues: readonly FieldIssue[];
	}

	let { draft, t, issues }: Props = $props();

	const offer = $derived((page.data.household as HouseholdOffer | undefined) ?? SHIPPED_OFFER);
	const listed = $derived(listedThings(draft.answers));
	const counts = $derived.by(() => {
		const counted: Record<string, number> = {};
		for (const index of listed) {
			const kind = draft.answers[thingField(index, 'kind')] ?? '';
			const label = draft.answers[thingField(index, 'label')];
			const own = offer.own.find((one) => one.kind === kind && one.name === label);
			const code = own ? ownThingCode(own.id) : kind;
			const count = Number(draft.answers[thingField(index, 'count')] ?? 1) || 0;
			counted[code] = (counted[code] ?? 0) + count;
		}
		return counted;
	});
</script>

<h2 class="question-title">{t.things.shelf}</h2>
<p class="mt-1 mb-3 text-note text-ink-soft">{t.things.none}</p>
<Shelf {counts} {offer} {t} />
<DeviceQuestion {draft} {t} />
{#if listed.length === 0}
	<p class="mt-3">
		<Button name="none" value="hasThings" formnovalidate>{t.things.nothing}</Button>
	</p>
{:else}
	<ul class="mt-4 border-t border-ink">
		{#each listed as index (index)}<ThingRow {index} {draft} {t} {issues} />{/each}
	</ul>
{/if}
