<script lang="ts">
	import { untrack } from 'svelte';
	import type { SettingsArea, SettingsByArea } from '$lib/core/platform/organisation-settings/areas';
	import type { SettingsChange } from '$lib/core/platform/organisation-settings/settings-change';
	import { settingsChangesOf } from '$lib/core/platform/organisation-settings/area-changes';
	import { deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import Notice from '../kit/Notice.svelte';
	import WithAside from '../kit/WithAside.svelte';
	import SettingsFile from '../organisation/SettingsFile.svelte';
	import VersionList from '../organisation/VersionList.svelte';
	import ChoicesForm from './ChoicesForm.svelte';
	import DaysOffForm from './DaysOffForm.svelte';
	import EquipmentForm from './EquipmentForm.svelte';
	import EyeTestsForm from './EyeTestsForm.svelte';
	import HouseholdForm from './HouseholdForm.svelte';
	import PurchasingFileForm from './PurchasingFileForm.svelte';
	import { SettingsDraft } from './settings-draft.svelte';
	import SettingsChanges from './SettingsChanges.svelte';
	import SettingsForm from './SettingsForm.svelte';
	import TeamsForm from './TeamsForm.svelte';

	const { policy, settings: texts, organisation } = deskWords;

	interface Props {
		data: {
			readonly area: SettingsArea;
			readonly version: number;
			readonly from: number | null;
			readonly current: SettingsByArea[SettingsArea];
			readonly start: SettingsByArea[SettingsArea];
			readonly versions: readonly {
				readonly version: number;
				readonly by: string | null;
				readonly at: Date;
				readonly note: string;
				readonly changes: readonly SettingsChange[];
			}[];
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
	const at = `/desk/organisation/settings/${area}`;
	const of = <A extends SettingsArea>() => draft as unknown as SettingsDraft<A>;
</script>

<svelte:head><title>{texts.title(words.heading)}</title></svelte:head>

<main class="px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{organisation.back}</a></p>
	<h1 class="mt-1 text-title">{words.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{words.lead}</p>
	<div role="status">
		{#if draft.notice}<div class="mt-3 max-w-prose"><Notice kind="done">{draft.notice}</Notice></div>{/if}
	</div>
	<WithAside label={policy.versions}>
		<SettingsForm {area} {draft} version={data.version} {changes}>
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
		</SettingsForm>
		{#snippet aside()}
			<VersionList
				versions={data.versions}
				current={data.version}
				timeZone={data.timeZone}
				{at}
				fileName={(version) => texts.fileName(area, version)}
			>
				{#snippet changed(all)}<SettingsChanges {area} changes={all} />{/snippet}
			</VersionList>
			<SettingsFile
				loaded={(settings) => draft.show(settings as SettingsByArea[SettingsArea], policy.loaded)}
			/>
		{/snippet}
	</WithAside>
</main>
