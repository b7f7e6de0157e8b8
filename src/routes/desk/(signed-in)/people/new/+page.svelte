<script lang="ts">
	import TextField from '$lib/ui/platform/kit/TextField.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import { countryWords } from '$lib/messages/reader-formats';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';

	const texts = deskWords.people;

	let { data, form } = $props();

	/** The choice that asks for a name; no team is called so. */
	const NEW_TEAM = '+';
	let team = $state('');
	const countries = $derived(
		data.countries
			.map((value) => ({ value, words: countryWords(value) }))
			.sort((a, b) => a.words.localeCompare(b.words, deskCatalogue().locale))
	);

	const at = $derived(form?.fault?.at?.replace('/', '') ?? '');
	const words = $derived(
		!form?.fault?.message.startsWith('/')
			? form?.fault?.message
			: at === 'email'
				? texts.wholeAddress
				: at === 'name'
					? texts.enterName
					: form.fault.message
	);
</script>

<svelte:head><title>{texts.addPersonTitle}</title></svelte:head>

<main class="max-w-lg px-6 py-6">
	<p class="text-note"><a href="/desk/people">{texts.heading}</a></p>
	<h1 class="mt-1 text-title">{texts.addPersonHeading}</h1>
	<form
		method="POST"
		class="mt-6 grid gap-4"
		use:enhanceForm={() =>
			({ update }) =>
				update({ reset: false })}
	>
		{#if words}<p id="fault" class="border-s-4 border-warm bg-warm-wash px-3 py-2" role="alert">
				{words}
			</p>{/if}
		<TextField
			name="name"
			label={texts.name}
			value=""
			isRequired
			maxlength={120}
			fault={at === 'name' ? words : null}
		/>
		<TextField
			name="email"
			type="email"
			label={texts.emailAddress}
			value=""
			isRequired
			maxlength={254}
			fault={at === 'email' ? words : null}
		/>
		<Select
			name="country"
			label={texts.country}
			hint={texts.countryHint}
			size="hand"
			value=""
			options={[{ value: '', words: texts.chooseCountry }, ...countries]}
		/>
		<Select
			name="team"
			label={texts.teamOptional}
			size="hand"
			value={team}
			options={[
				{ value: '', words: texts.noTeam },
				...data.teams.map((value) => ({ value, words: value })),
				{ value: NEW_TEAM, words: texts.newTeam }
			]}
			onchange={(value) => (team = value)}
		/>
		{#if team === NEW_TEAM}
			<!-- The last field of a name counts. -->
			<TextField name="team" id="new-team" label={texts.newTeamName} value="" isRequired maxlength={80} />
		{/if}
		<TextField name="phone" type="tel" label={texts.phoneOptional} value="" maxlength={40} />
		<div class="flex gap-3">
			<Button look="main">{texts.addPerson}</Button>
			<Button href="/desk/people">{texts.cancel}</Button>
		</div>
	</form>
</main>
