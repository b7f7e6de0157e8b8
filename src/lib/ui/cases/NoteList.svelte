<script lang="ts">
	import { enhance } from '$app/forms';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormFault from './FormFault.svelte';

	interface Props {
		givenName: string;
		notes: readonly {
			readonly id: string;
			readonly at: Date;
			readonly text: string;
			readonly authorName: string | null;
		}[];
		timeZone: string;
	}

	let { givenName, notes, timeZone }: Props = $props();

	let text = $state('');
	const form = new CaseForm(() => (text = ''));
	const moment = $derived(
		new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone })
	);
</script>

<form method="POST" action="?/note" use:enhance={form.submit} class="no-print mt-2 grid gap-2">
	<ActFields {form} />
	<label class="text-note" for="note">A note for each other; {givenName} does not see it</label>
	<textarea id="note" class="field min-h-14 text-note" name="text" maxlength="4000" required bind:value={text}
	></textarea>
	<div><button class="btn btn-small" disabled={form.isBusy}>Keep the note</button></div>
	<FormFault fault={form.fault} />
</form>
<ul>
	{#each notes as line (line.id)}
		<li class="border-t border-rule py-1.5 text-note">
			<span class="text-ink-soft">{line.authorName ?? 'Somebody'}, {moment.format(line.at)}</span>
			<p class="whitespace-pre-wrap">{line.text}</p>
		</li>
	{/each}
</ul>
