<script lang="ts">
	import { untrack } from 'svelte';
	import type { PolicySettings } from '$lib/core/cases/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import { PolicyDraft, typedOf } from '$lib/ui/platform/policy/policy-draft.svelte';
	import PolicyChanges from '$lib/ui/platform/policy/PolicyChanges.svelte';
	import PolicyForm from '$lib/ui/platform/policy/PolicyForm.svelte';
	import VersionedPage from '$lib/ui/platform/versions/VersionedPage.svelte';
	import VersionFile from '$lib/ui/platform/versions/VersionFile.svelte';
	import VersionList from '$lib/ui/platform/versions/VersionList.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const texts = deskWords.policy;
	const draft = untrack(() => {
		const notice = data.from === null ? '' : texts.startsFrom(texts.version(data.from));
		return new PolicyDraft(() => typedOf(data.inForce), typedOf(data.start), notice);
	});
	const words = { ...texts, current: deskWords.versions.current };
	const file = new CaseForm(({ loaded }) => draft.show(typedOf(loaded as PolicySettings), texts.loaded));
</script>

<VersionedPage title={texts.title} heading={texts.heading} lead={texts.lead} notice={draft.notice}>
	{#snippet intro()}<p class="mt-1 max-w-prose text-note font-semibold">{texts.signs}</p>{/snippet}
	<PolicyForm {draft} inForce={data.inForce} version={data.version} />
	{#snippet versions()}
		<VersionList
			versions={data.versions}
			current={data.version}
			timeZone={data.timeZone}
			{words}
			at="/desk/organisation/policy"
			fileName={words.fileName}
		>
			{#snippet changed({ changes })}<PolicyChanges {changes} />{/snippet}
		</VersionList>
		<VersionFile {words} form={file} />
	{/snippet}
</VersionedPage>
