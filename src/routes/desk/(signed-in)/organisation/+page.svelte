<script lang="ts">
	import { SETTINGS_AREAS } from '$lib/core/platform/organisation-settings/areas';
	import { isSetUp } from '$lib/core/platform/organisation';
	import { deskWords } from '$lib/messages/desk';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import LogoForm from '$lib/ui/platform/organisation/LogoForm.svelte';
	import OrganisationForm from '$lib/ui/platform/organisation/OrganisationForm.svelte';

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
	<p class="links">
		<a href="/desk/organisation/cover">{texts.coverLink}</a>
		<a href="/desk/organisation/checklist">{deskWords.checklistEditor.link}</a>
		<a href="/desk/organisation/policy">{deskWords.policy.link}</a>
		{#each SETTINGS_AREAS as area (area)}
			<a href="/desk/organisation/settings/{area}">{deskWords.settings.areas[area].link}</a>
		{/each}
		<a href="/desk/organisation/emails">{texts.seeEmails}</a>
		<a href="/desk/organisation/translations">{texts.translationsLink}</a>
		<a href="/desk/people/directory">{deskWords.directory.link}</a>
		<a href="/desk/organisation/webhooks">{texts.webhooks.link}</a>
		<a href="/desk/organisation/archive">{texts.archive.link}</a>
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

<style>
	.links {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
		gap: 0.375rem 1.5rem;
		margin-top: 0.75rem;
		font-size: var(--text-note);
	}
</style>
