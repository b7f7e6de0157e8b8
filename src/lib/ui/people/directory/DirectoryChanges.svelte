<script lang="ts">
	import type { UnreadableRow } from '$lib/core/people/directory/roster-of-users';
	import type { ImportReport } from '$lib/core/people/exchange/import-report';
	import { deskWords } from '$lib/messages/desk';
	import { peopleWords } from '$lib/messages/desk/workforce-words';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import RosterComparison from '../RosterComparison.svelte';

	interface Props {
		report: ImportReport;
		readAt: Date;
		unreadable: readonly UnreadableRow[];
		/** Called after the changes were applied, with what is said of them. */
		onapplied: (words: string) => void;
	}

	let { report, readAt, unreadable, onapplied }: Props = $props();

	const { directory: texts, roster, people } = deskWords;
	let moves = $state.raw({ leaveAbsent: false, takeBack: true });
	const form = new CaseForm((result) => {
		const { added, changed, moved } = result['applied'] as { added: number; changed: number; moved: number };
		moves = { leaveAbsent: false, takeBack: true };
		onapplied(texts.applied(peopleWords(added), changed, moved));
	});
	const hasChanges = $derived(
		report.added + report.changed + report.leaving > 0 ||
			(report.back > 0 && moves.takeBack) ||
			(report.absent > 0 && moves.leaveAbsent)
	);
	const isSame = $derived(report.added + report.changed + report.leaving + report.back + report.absent === 0);
	const unreadableCount = $derived(new Set(report.faults.map(({ row }) => row)).size);
</script>

{#if isSame}<p class="mt-5 text-lead">{texts.allSame}</p>{:else}
	<RosterComparison {report} isDirectory {...moves} choose={(chosen) => (moves = chosen)} />
{/if}
{#if report.notAdded > 0}<p class="mt-1 text-note">{texts.notAdded(report.notAdded)}</p>{/if}
{#if report.asideCount > 0}
	<section class="mt-4 border-s-4 border-warm bg-warm-wash px-4 py-3">
		<h2 class="text-lead">{texts.asideCount(report.asideCount)}</h2>
		<ul class="text-note">
			{#each report.aside as { name, email, why } (email)}
				<li class="py-1"><span class="font-semibold">{name}</span>, {email}: {texts.aside[why]}</li>
			{/each}
		</ul>
		{#if report.asideCount > report.aside.length}<p class="text-note text-ink-soft">
				{people.andMore(report.asideCount - report.aside.length)}
			</p>{/if}
	</section>
{/if}
{#if unreadable.length > 0}
	<details class="mt-4">
		<summary class="kit-summary">{texts.unreadableCount(unreadableCount)}</summary>
		<ul class="text-note">
			{#each unreadable as { who, faults } (faults[0]?.row)}
				<li class="border-b border-rule py-1">
					<span class="font-semibold">{who || texts.noName}</span>:
					{#each faults as fault (fault.field)}<span class="me-2"
							>{roster.fields[fault.field]} {roster.faults[fault.code](fault)}</span
						>{/each}
				</li>
			{/each}
		</ul>
		{#if unreadableCount > unreadable.length}<p class="text-note text-ink-soft">
				{people.andMore(unreadableCount - unreadable.length)}
			</p>{/if}
	</details>
{/if}
{#if !isSame}
	<form method="POST" action="?/apply" use:enhanceForm={form.submit} class="mt-5">
		<input type="hidden" name="key" value={form.key} />
		<input type="hidden" name="readAt" value={readAt.toISOString()} />
		<input type="hidden" name="added" value={report.added} />
		<input type="hidden" name="changed" value={report.changed} />
		<input type="hidden" name="leaveAbsent" value={moves.leaveAbsent ? 'yes' : 'no'} />
		<input type="hidden" name="takeBack" value={moves.takeBack ? 'yes' : 'no'} />
		<Button look="main" size="desk" isBusy={form.isBusy} disabled={!hasChanges}>{texts.apply}</Button>
		<FormError fault={form.fault} />
	</form>
{/if}
