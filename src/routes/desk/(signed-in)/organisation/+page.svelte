<script lang="ts">
	import { isSetUp } from '$lib/core/organisation';
	import { deskWords } from '$lib/messages/desk';
	import Notice from '$lib/ui/kit/Notice.svelte';
	import LogoForm from '$lib/ui/organisation/LogoForm.svelte';
	import OrganisationForm from '$lib/ui/organisation/OrganisationForm.svelte';

	let { data } = $props();

	const texts = deskWords.organisation;
	let isSaved = $state(false);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/users">{deskWords.accounts.accounts}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">
		{isSetUp(data.organisation) ? texts.lead : texts.firstLead}
	</p>
	<p class="mt-2 flex flex-wrap gap-4 text-note">
		<a href="/desk/organisation/cover">{texts.coverLink}</a>
		<a href="/desk/organisation/checklist">{deskWords.checklistEditor.link}</a>
		<a href="/desk/organisation/policy">{deskWords.policy.link}</a>
		<a href="/desk/organisation/emails">{texts.seeEmails}</a>
		<a href="/desk/organisation/translations">{texts.translationsLink}</a>
	</p>
	<div role="status">
		{#if isSaved}<div class="mt-3"><Notice kind="done">{texts.saved}</Notice></div>{/if}
	</div>

	<OrganisationForm
		organisation={data.organisation}
		version={data.version}
		timeZones={data.timeZones}
		onsaved={() => (isSaved = true)}
	/>
	<LogoForm organisationName={data.organisation.name} isSetUp={data.version > 0} hasLogo={data.hasLogo} />
</main>
