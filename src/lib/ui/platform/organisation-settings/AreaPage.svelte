<script lang="ts">
	import { untrack } from 'svelte';
	import type { SettingsArea, SettingsByArea } from '$lib/core/platform/organisation-settings/areas';
	import type { SettingsChange } from '$lib/core/platform/organisation-settings/settings-change';
	import { settingsChangesOf } from '$lib/core/platform/organisation-settings/area-changes';
	import { deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import { CaseForm } from '../../cases/case-form.svelte';
	import PublishForm from '../versions/PublishForm.svelte';
	import type { PublishedVersion } from '../versions/version-words';
	import VersionedPage from '../versions/VersionedPage.svelte';
	import VersionFile from '../versions/VersionFile.svelte';
	import VersionList from '../versions/VersionList.svelte';
	import ChoicesForm from './ChoicesForm.svelte';
	import DaysOffForm from './DaysOffForm.svelte';
	import EquipmentForm from './EquipmentForm.svelte';
	import EyeTestsForm from './EyeTestsForm.svelte';
	import HouseholdForm from './HouseholdForm.svelte';
	import PurchasingFileForm from './PurchasingFileForm.svelte';
	import { SettingsDraft } from './settings-draft.svelte';
	import SettingsChanges from './SettingsChanges.svelte';
	import SettingsPreview from './SettingsPreview.svelte';
	import TeamsForm from './TeamsForm.svelte';

	const { policy, settings: texts } = deskWords;

	interface Props {
		data: {
			readonly area: SettingsArea;
			readonly version: number;
			readonly from: number | null;
			readonly current: SettingsByArea[SettingsArea];
			readonly start: SettingsByArea[SettingsArea];
			readonly versions: readonly (PublishedVersion & { readonly changes: readonly SettingsChange[] })[];
			readonly languages: readonly string[];
			readonly countries: readonly string[];
			readonly timeZone: string;
			readonly today: string;
		};
	}

	let { data }: Props = $props();

	const { area } = untrack(() => data);
	const words = texts.areas[area];
	const draft = untrack(() => {
		const notice = data.from === null ? '' : policy.startsFrom(policy.version(data.from));
		return new SettingsDraft(() => data.current, data.start, notice);
	});
	const changes = $derived(settingsChangesOf(area, data.current, draft.settings, deskLocale()));
	const versionWords = {
		...policy,
		current: deskWords.versions.current,
		fileName: (version: number) => texts.fileName(area, version)
	};
	const file = new CaseForm(({ loaded }) =>
		draft.show(loaded as SettingsByArea[SettingsArea], policy.loaded)
	);
	const of = <A extends SettingsArea>() => draft as unknown as SettingsDraft<A>;
</script>

<VersionedPage
	title={texts.title(words.heading)}
	heading={words.heading}
	lead={words.lead}
	notice={draft.notice}
>
	<PublishForm
		{draft}
		version={data.version}
		published={area === 'days-off' ? texts.publishedDays : texts.published}
	>
		<input type="hidden" name="settings" value={JSON.stringify(draft.settings)} />
		{#if area === 'choices'}
			<ChoicesForm draft={of<'choices'>()} />
		{:else if area === 'days-off'}
			<DaysOffForm draft={of<'days-off'>()} countries={data.countries} today={data.today} />
		{:else if area === 'household-items'}
			<HouseholdForm draft={of<'household-items'>()} languages={data.languages} />
		{:else if area === 'equipment'}
			<EquipmentForm draft={of<'equipment'>()} languages={data.languages} />
		{:else if area === 'purchasing-file'}
			<PurchasingFileForm draft={of<'purchasing-file'>()} />
		{:else if area === 'eye-tests'}
			<EyeTestsForm draft={of<'eye-tests'>()} countries={data.countries} languages={data.languages} />
		{:else}
			<TeamsForm draft={of<'teams'>()} />
		{/if}
		{#snippet preview()}
			{#if draft.seen}<SettingsPreview {area} {changes} preview={draft.seen.preview} />{/if}
		{/snippet}
	</PublishForm>
	{#snippet versions()}
		<VersionList
			versions={data.versions}
			current={data.version}
			timeZone={data.timeZone}
			at="/desk/organisation/settings/{area}"
			words={versionWords}
			fileName={versionWords.fileName}
		>
			{#snippet changed(one)}<SettingsChanges {area} changes={one.changes} />{/snippet}
		</VersionList>
		<VersionFile words={versionWords} form={file} />
	{/snippet}
</VersionedPage>
