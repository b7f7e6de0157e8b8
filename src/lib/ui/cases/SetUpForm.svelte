<script lang="ts">
	import { enhance } from '$app/forms';
	import { ROUTES, type Route } from '$lib/core/answers';
	import { WAYS, type Way } from '$lib/core/corner';
	import { RHYTHMS, type Rhythm } from '$lib/core/moving/rhythm';
	import type { Catalogue } from '$lib/messages';
	import Button from '../kit/Button.svelte';
	import Select from '../kit/Select.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormFault from './FormFault.svelte';

	interface Props {
		personId: string;
		version: number;
		way: Way | null;
		route: Route | null;
		rhythm: Rhythm | null;
		t: Catalogue;
	}

	let { personId, version, way, route, rhythm, t }: Props = $props();

	let isKept = $state(false);
	const form = new CaseForm(() => (isKept = true));
</script>

<form
	method="POST"
	action="/desk/cases/{personId}?/setUp"
	use:enhance={form.submit}
	class="no-print grid gap-2"
>
	<ActFields {form} {version} />
	<Select
		name="way"
		id="person-way"
		label="Way of sitting that they are judged by"
		size="desk"
		value={way ?? ''}
		options={[
			{ value: '', words: 'As their round says' },
			...WAYS.map((value) => ({ value, words: t.ways[value].name }))
		]}
	/>
	<Select
		name="route"
		id="person-route"
		label="How much is asked"
		size="desk"
		value={route ?? ''}
		options={[
			{ value: '', words: 'As their round says' },
			...ROUTES.map((value) => ({ value, words: t.routes[value] }))
		]}
	/>
	<Select
		name="rhythm"
		id="person-rhythm"
		label="How often they are to break"
		size="desk"
		value={rhythm ?? ''}
		options={[
			{ value: '', words: 'As their round says' },
			...RHYTHMS.map((value) => ({ value, words: t.moving.rhythms[value].name }))
		]}
	/>
	<p class="text-note text-ink-soft">
		Another way of sitting holds for what they have answered too: their plan is worked out anew, and steps
		that stay right stay done. They read which way it is, and why.
	</p>
	<div class="flex items-center gap-3">
		<Button size="desk" isBusy={form.isBusy}>Set</Button>
		<span role="status" class="text-note text-cool">{isKept ? 'Set.' : ''}</span>
	</div>
	<FormFault fault={form.fault} />
</form>
