<script lang="ts">
	import { untrack } from 'svelte';
	import { momentWords } from '$lib/messages/dates';
	import {
		policyChanges,
		POLICY_FIELD_NAMES,
		POLICY_PARTS,
		policyFieldRule,
		type PolicyField,
		type PolicySettings
	} from '$lib/core/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/kit/enhance-form';
	import FileField from '$lib/ui/kit/FileField.svelte';
	import Notice from '$lib/ui/kit/Notice.svelte';
	import SettingRow from '$lib/ui/kit/SettingRow.svelte';
	import TextField from '$lib/ui/kit/TextField.svelte';
	import PolicyChanges from '$lib/ui/policy/PolicyChanges.svelte';
	import PolicyPreview from '$lib/ui/policy/PolicyPreview.svelte';
	import { settingText } from '$lib/ui/policy/setting-text';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const { policy: texts, organisation } = deskWords;

	type Typed = Record<PolicyField, string>;
	const typedOf = (settings: PolicySettings) =>
		Object.fromEntries(POLICY_FIELD_NAMES.map((field) => [field, settingText(settings[field])])) as Typed;
	const asTyped = (value: string) => value.replace(/\s/g, '');
	const asOne = (of: Typed) => POLICY_FIELD_NAMES.map((field) => asTyped(of[field])).join(';');

	let typed = $state(untrack(() => typedOf(data.start)));
	let note = $state('');
	let told = $state(untrack(() => (data.from === null ? '' : texts.startsFrom(texts.version(data.from)))));
	type Seen = {
		readonly settings: PolicySettings;
		readonly preview: Parameters<typeof PolicyPreview>[1]['preview'];
	};
	/** What the settings would do, and which they were. */
	let seen = $state.raw<(Seen & { readonly typed: string }) | null>(null);

	const now = $derived(typedOf(data.inForce));
	const isSame = $derived(asOne(typed) === asOne(now));
	const isSeen = $derived(seen !== null && seen.typed === asOne(typed));

	const form = new CaseForm((result) => {
		if ('published' in result) {
			told = texts.published(texts.version(Number(result.published)));
			seen = null;
			note = '';
		} else if ('preview' in result) {
			told = '';
			seen = { ...(result as unknown as Seen), typed: asOne(typed) };
		}
	});
	const file = new CaseForm((result) => {
		typed = typedOf(result.loaded as PolicySettings);
		seen = null;
		told = texts.loaded;
	});
	let fileText = $state('');
	async function loadFile(chosen: File | undefined) {
		fileText = chosen ? await chosen.text() : '';
	}
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{organisation.back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<p class="mt-1 max-w-prose text-note font-semibold">{texts.signs}</p>
	<div role="status">
		{#if told}<div class="mt-3 max-w-prose"><Notice kind="done">{told}</Notice></div>{/if}
	</div>

	<div class="layout">
		<form method="POST" action="?/preview" use:enhanceForm={form.submit}>
			<input type="hidden" name="seen" value={data.version} />
			{#each POLICY_PARTS as part (part)}
				<fieldset class="mb-5">
					<legend class="text-lead font-semibold">{texts.parts[part]}</legend>
					{#each POLICY_FIELD_NAMES.filter((one) => policyFieldRule(one).part === part) as field (field)}
						{@const rule = policyFieldRule(field)}
						<SettingRow
							name={field}
							label={texts.fields[field]}
							value={typed[field]}
							unit={texts.units[rule.unit]}
							limits={rule.list
								? texts.listLimits({ ...rule, ...rule.list })
								: texts.limits(rule.least, rule.most)}
							note={asTyped(typed[field]) === asTyped(now[field]) ? '' : texts.now(now[field])}
							isList={Boolean(rule.list)}
							oninput={(text) => (typed[field] = text)}
						/>
					{/each}
				</fieldset>
			{/each}
			<FormError fault={form.fault} />
			{#if seen}
				<section class="preview" aria-live="polite">
					<PolicyPreview changes={policyChanges(data.inForce, seen.settings)} preview={seen.preview} />
				</section>
			{/if}
			<div class="acts" class:seen={isSeen && !isSame}>
				{#if isSeen && !isSame}
					<div class="grow">
						<TextField
							name="note"
							label={texts.note}
							hint={texts.noteHint}
							size="desk"
							maxlength={300}
							value={note}
							oninput={(text) => (note = text)}
						/>
					</div>
					<Button look="main" size="desk" formaction="?/publish" isBusy={form.isBusy}>{texts.publish}</Button>
				{:else}
					<input type="hidden" name="note" value={note} />
					<Button look="main" size="desk" isBusy={form.isBusy} disabled={isSame}>{texts.preview}</Button>
					<p class="text-note text-ink-soft">
						{isSame ? texts.nothingDiffers : seen ? texts.previewOutdated : texts.previewFirst}
					</p>
				{/if}
			</div>
		</form>

		<aside aria-label={texts.versions}>
			<h2 class="text-lead">{texts.versions}</h2>
			<ol class="mt-1 border-t border-ink">
				{#each data.versions as version (version.version)}
					<li class="version">
						<p class="font-semibold">{texts.version(version.version)}</p>
						<p class="text-note text-ink-soft">
							{texts.by(version.by ?? texts.gone, momentWords(version.at, data.timeZone))}
						</p>
						{#if version.note}<p class="text-note">{version.note}</p>{/if}
						<PolicyChanges changes={version.changes} />
						{@render uses(version.version)}
					</li>
				{/each}
				<li class="version">
					<p class="font-semibold">{texts.version(0)}</p>
					<p class="text-note text-ink-soft">{texts.original}</p>
					{@render uses(0)}
				</li>
			</ol>
			<form method="POST" action="?/load" use:enhanceForm={file.submit} class="mt-5">
				<input type="hidden" name="file" value={fileText} />
				<FileField
					name=""
					id="policy-file"
					label={texts.load}
					hint={texts.loadHint}
					accept=".json,application/json"
					size="desk"
					onchange={(chosen) => void loadFile(chosen)}
				/>
				<p class="mt-2">
					<Button size="desk" isBusy={file.isBusy} disabled={fileText === ''}>{texts.useFile}</Button>
				</p>
				<FormError fault={file.fault} />
			</form>
		</aside>
	</div>
</main>

{#snippet uses(version: number)}
	<p class="mt-1 flex flex-wrap gap-4 text-note">
		{#if version !== data.version}
			<a href="/desk/organisation/policy?from={version}" data-sveltekit-reload>{texts.use}</a>
		{/if}
		<a href="/desk/organisation/policy/file?version={version}" download={texts.fileName(version)}
			>{texts.download}</a
		>
	</p>
{/snippet}

<style>
	.layout {
		display: grid;
		gap: 2rem;
		margin-top: 1.25rem;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.75rem 1rem;
		margin-top: 1rem;
	}
	.acts.seen {
		align-items: end;
	}
	.preview {
		margin-top: 1rem;
		padding: 0.75rem 1rem;
		border-inline-start: 3px solid var(--cool);
		background: var(--cool-wash);
	}
	.version {
		padding: 0.6rem 0;
		border-bottom: 1px solid var(--rule);
	}
	@media (min-width: 68rem) {
		.layout {
			grid-template-columns: minmax(0, 48rem) minmax(16rem, 22rem);
			gap: 3rem;
		}
	}
</style>
