<script lang="ts">
	import { countryWords } from '$lib/messages/reader-formats';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { deskWords } from '$lib/messages/desk';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	let { data, form } = $props();

	const texts = deskWords.crisisLines;
	const fault = $derived(form && 'fault' in form ? form.fault : null);
	const done = $derived(
		form && 'changed' in form && form.changed
			? texts.saved(countryWords(form.changed))
			: form && 'removed' in form && form.removed
				? texts.removed(countryWords(form.removed))
				: ''
	);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<p class="text-note"><a href="/desk/users">{deskWords.accounts.accounts}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<div role="status">
		{#if done}<div class="mt-3"><Notice kind="done">{done}</Notice></div>{/if}
	</div>
	{#if fault}<div class="mt-3"><Notice kind="caution" role="alert">{fault.message}</Notice></div>{/if}

	{#if data.lines.length === 0}
		<div class="mt-6 border-t border-ink pt-4">
			<p class="text-lead">{texts.none}</p>
			<p class="mt-1 text-ink-soft">{texts.noneHint}</p>
		</div>
	{:else}
		<table class="mt-6 w-full border-collapse">
			<thead>
				<tr class="border-b border-ink text-start text-note text-ink-soft">
					<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.country}</th>
					<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.name}</th>
					<th class="py-1.5 pe-4 font-semibold" scope="col">{texts.phone}</th>
					<td></td>
				</tr>
			</thead>
			<tbody>
				{#each data.lines as line (line.country)}
					<tr class="border-b border-rule">
						<th class="py-1.5 pe-4 text-start font-semibold" scope="row">{countryWords(line.country)}</th>
						<td class="py-1.5 pe-4">{line.name}</td>
						<td class="num py-1.5 pe-4">{line.phone}</td>
						<td class="py-1.5 text-end">
							<form method="POST" action="?/remove" use:enhanceForm>
								<Button look="quiet" name="country" value={line.country}
									>{texts.remove(countryWords(line.country))}</Button
								>
							</form>
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}

	<h2 class="mt-8 text-lead">{texts.addHeading}</h2>
	<form method="POST" action="?/set" class="mt-3 grid max-w-md gap-4" use:enhanceForm>
		<TextField
			name="country"
			value=""
			label={texts.countryCode}
			hint={texts.countryHint}
			maxlength={2}
			isRequired
		/>
		<TextField name="name" value="" label={texts.name} hint={texts.nameHint} maxlength={80} isRequired />
		<TextField name="phone" value="" label={texts.phone} hint={texts.phoneHint} type="tel" maxlength={30} />
		<p><Button look="main">{texts.save}</Button></p>
	</form>
</main>
