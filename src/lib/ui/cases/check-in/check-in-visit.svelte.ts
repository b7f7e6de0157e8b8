import { noneOfTheseFields, isNoneGroup } from '$lib/core/questionnaire/answers/red-flag-answers';
import { redFlagField } from '$lib/core/questionnaire/answers/checklist-fields';
import type { EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
import type { SaveFields } from '../../questionnaire/autosave/autosave.svelte';
import type { AnswerStore } from '../../questionnaire/answer-store';

/** The answers of a check-in while they are given; they stay on the device until they are sent. */
export class CheckInVisit implements AnswerStore {
	answers = $state<Record<string, string>>({});
	private readonly key: string;

	/** @param given what a form without scripts has sent already */
	constructor(
		private readonly token: string,
		private readonly keep: SaveFields | null,
		given: Readonly<Record<string, string>>
	) {
		this.key = `easy-corner /c/${token}/check-in`;
		this.answers = { ...this.restore(), ...given };
		const { none } = given;
		if (none) this.noneOf(none);
	}

	set(field: string, text: string): void {
		this.answers[field] = text;
		try {
			this.keep?.setItem(this.key, JSON.stringify(this.answers));
		} catch {
			// A device without storage keeps nothing; the page still has it.
		}
	}

	/** Answers a whole group of warning signs with no. */
	noneOf(group: string): void {
		if (!isNoneGroup(group)) return;
		for (const [field, text] of Object.entries(noneOfTheseFields(group, this.answers))) this.set(field, text);
	}

	/**
	 * Reports warning signs at once, before anything else is sent.
	 * @returns whether the server has them
	 */
	async report(signs: readonly EmergencyRedFlag[]): Promise<boolean> {
		const fields = Object.fromEntries(signs.map((sign) => [redFlagField(sign), 'yes']));
		const sent = await fetch(`/c/${this.token}/draft`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ fields })
		}).catch(() => null);
		return sent?.ok ?? false;
	}

	/** What was sent need not stay on the device. */
	forget(): void {
		this.keep?.removeItem(this.key);
	}

	private restore(): Record<string, string> {
		try {
			const kept: unknown = JSON.parse(this.keep?.getItem(this.key) ?? '{}');
			return kept && typeof kept === 'object' ? (kept as Record<string, string>) : {};
		} catch {
			return {};
		}
	}
}
