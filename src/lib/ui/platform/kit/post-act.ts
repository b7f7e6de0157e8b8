import { deserialize } from '$app/forms';
import type { ActionResult } from '@sveltejs/kit';

/**
 * Posts a form action by script, encoded as the page's own forms are: every reader of a form takes that encoding and no other, so a
 * `FormData`, which a browser sends as multipart, is not accepted here.
 * @returns what the server answered; null where it couldn't be reached, or something else answered in its place
 */
export async function postAct(
	act: string,
	fields: Readonly<Record<string, string>>
): Promise<ActionResult | null> {
	const headers = { 'x-sveltekit-action': 'true' };
	const body = new URLSearchParams(fields);
	try {
		const response = await fetch(act, { method: 'POST', headers, body });
		return deserialize(await response.text());
	} catch {
		return null;
	}
}

/** Why an act was refused, in words; undefined where it wasn't. */
export const faultOfAct = (result: ActionResult): string | undefined =>
	result.type === 'failure'
		? (result.data as { fault?: { message: string } } | undefined)?.fault?.message
		: undefined;
