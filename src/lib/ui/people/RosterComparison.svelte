<script lang="ts">
	import { peopleWords } from '$lib/messages/desk/workforce-words';
	import type { ImportReport, RosterLine } from '$lib/core/people/exchange/import-report';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import { deskWords } from '$lib/messages/desk';

	const { people: texts, directory } = deskWords;

	interface Props {
		report: ImportReport;
		/** Whether the list is the staff directory's, not a file. */
		isDirectory?: boolean;
		leaveAbsent: boolean;
		takeBack: boolean;
		choose: (chosen: { leaveAbsent: boolean; takeBack: boolean }) => void;
	}

	let { report, isDirectory = false, leaveAbsent, takeBack, choose }: Props = $props();
</script>

{#snippet listed(lines: readonly RosterLine[], all: number)}
	<ul class="text-note">
		{#each lines as { name, email, team } (email)}
			<li class="border-b border-rule py-1">
				{name} <span class="text-ink-soft">{email}{team ? `, ${team}` : ''}</span>
			</li>
		{/each}
	</ul>
	{#if all > lines.length}<p class="text-note text-ink-soft">{texts.andMore(all - lines.length)}</p>{/if}
{/snippet}

<section aria-label={texts.changes} class="mt-5">
	<p role="status" class="text-lead">
		{texts.changesSummary({ added: peopleWords(report.added), changed: report.changed, same: report.same })}
	</p>
	{#if report.unknownCountries.length > 0}
		<p class="text-note text-ink-soft">
			{texts.holidaysUnknown(report.unknownCountries.join(', '))}
		</p>
	{/if}
	<div class="mt-2 grid gap-1">
		{#if report.added > 0}
			<details>
				<summary class="kit-summary">{texts.newCount(report.added)}</summary>
				{@render listed(report.shown.added, report.added)}
			</details>
		{/if}
		{#if report.changed > 0}
			<details open>
				<summary class="kit-summary">{texts.changedCount(report.changed)}</summary>
				<ul class="text-note">
					{#each report.shown.changed as { name, email, fields } (email)}
						<li class="border-b border-rule py-1">
							{name} <span class="text-ink-soft">{email}</span>:
							{#each fields as { field, from, to }, i (field)}{i > 0 ? '; ' : ''}{deskWords.roster.fields[
									field
								]}
								<del class="text-ink-soft">{texts.before(from)}</del>
								{texts.to} <ins>{texts.after(to)}</ins>{/each}
						</li>
					{/each}
				</ul>
				{#if report.changed > report.shown.changed.length}<p class="text-note text-ink-soft">
						{texts.andMore(report.changed - report.shown.changed.length)}
					</p>{/if}
			</details>
		{/if}
		{#if report.back > 0}
			<details>
				<summary class="kit-summary"
					>{isDirectory ? directory.backIn(report.back) : texts.leaversInFile(report.back)}</summary
				>
				{@render listed(report.shown.back, report.back)}
			</details>
			<CheckBox
				words={texts.markAllReturned(peopleWords(report.back))}
				size="desk"
				isChecked={takeBack}
				onchange={(is) => choose({ leaveAbsent, takeBack: is })}
			/>
		{/if}
		{#if report.departed > 0}<p class="text-note">
				{isDirectory ? directory.departed(report.departed) : texts.departed(report.departed)}
			</p>{/if}
		{#if report.leaving > 0}
			<details>
				<summary class="kit-summary"
					>{isDirectory ? directory.leaving(report.leaving) : texts.leavingCount(report.leaving)}</summary
				>
				{@render listed(report.shown.leaving, report.leaving)}
			</details>
		{/if}
		{#if report.absent > 0}
			<details>
				<summary class="kit-summary"
					>{isDirectory
						? directory.missingFrom(report.absent)
						: texts.missingFromFile(report.absent)}</summary
				>
				{@render listed(report.shown.absent, report.absent)}
			</details>
			{#if report.leftOut > 0}
				<p class="text-note text-ink-soft">{isDirectory ? directory.missingNotSure : texts.missingNotSure}</p>
			{:else}
				<CheckBox
					words={isDirectory
						? directory.markMissing(peopleWords(report.absent))
						: texts.markMissing(peopleWords(report.absent))}
					size="desk"
					isChecked={leaveAbsent}
					onchange={(is) => choose({ leaveAbsent: is, takeBack })}
				/>
			{/if}
		{/if}
	</div>
</section>

<style>
	ins {
		text-decoration: none;
		font-weight: 600;
	}
</style>
