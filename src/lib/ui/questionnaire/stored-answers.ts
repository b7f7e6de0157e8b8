import type { Answers } from '$lib/core/questionnaire/answers/fields';

/** Answers as the server has them. */
export interface ServerAnswers {
	readonly answers: Answers;
	readonly revision: number;
}

const keyOf = (address: string) => `easy-corner answers ${address}`;

/** The answers as this device last saw them, or null. */
export function storedAnswers(device: Storage | null, address: string): ServerAnswers | null {
	try {
		const kept: unknown = JSON.parse(device?.getItem(keyOf(address)) ?? 'null');
		if (!kept || typeof kept !== 'object' || !('answers' in kept) || !('revision' in kept)) return null;
		return kept as ServerAnswers;
	} catch {
		return null;
	}
}

/** Stores the answers on the device, so that a page opened offline has them. */
export function storeAnswers(device: Storage | null, address: string, answers: ServerAnswers): void {
	try {
		device?.setItem(keyOf(address), JSON.stringify(answers));
	} catch {
		// Storage is full or forbidden: the server has them; only offline would they be missing.
	}
}

/** Deletes everything that this device stores about self-assessments: answers, unsent changes, pages. */
export async function clearDeviceAnswers(device: Storage | null): Promise<void> {
	const keys = Array.from({ length: device?.length ?? 0 }, (_, i) => device?.key(i) ?? '');
	for (const key of keys) if (key.startsWith('easy-corner ')) device?.removeItem(key);
	if (typeof caches !== 'undefined') await caches.delete('easy-corner-pages').catch(() => false);
}
