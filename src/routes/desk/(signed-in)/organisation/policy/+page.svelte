<script lang="ts">
	import { untrack } from 'svelte';
	import type { PolicySettings } from '$lib/core/cases/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import WithAside from '$lib/ui/platform/kit/WithAside.svelte';
	import { PolicyDraft } from '$lib/ui/platform/policy/policy-draft.svelte';
	import PolicyForm from '$lib/ui/platform/policy/PolicyForm.svelte';
	import SettingsFile from '$lib/ui/platform/organisation/SettingsFile.svelte';
	import VersionList from '$lib/ui/platform/organisation/VersionList.svelte';
	import PolicyChanges from '$lib/ui/platform/policy/PolicyChanges.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const { policy: texts, organisation } = deskWords;
	const draft = untrack(() => {
		const notice = data.from === null ? '' : texts.startsFrom(texts.version(data.from));
		return new PolicyDraft(() => data.inForce, data.start, notice);
	});
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{organisation.back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<p class="mt-1 max-w-prose text-note font-semibold">{texts.signs}</p>
	<div role="status">
		{#if draft.notice}<div class="mt-3 max-w-prose"><Notice kind="done">{draft.notice}</Notice></div>{/if}
	</div>
	<WithAside label={texts.versions}>
		<PolicyForm {draft} inForce={data.inForce} version={data.version} />
		{#snippet aside()}
			<VersionList
				versions={data.versions}
				current={data.version}
				timeZone={data.timeZone}
				at="/desk/organisation/policy"
				fileName={texts.fileName}
			>
				{#snippet changed(changes)}<PolicyChanges {changes} />{/snippet}
			</VersionList>
			<SettingsFile loaded={(settings) => draft.show(settings as PolicySettings, texts.loaded)} />
		{/snippet}
	</WithAside>
</main>
