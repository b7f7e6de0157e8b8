import { getRequestEvent } from '$app/server';
import { error, fail } from '@sveltejs/kit';
import { errorText } from '../../../messages/error-text';
import { DomainError } from '../domain-error';

/** What a page or a JSON answer says about an error. */
export interface ErrorMessage {
	message: string;
	at?: string;
}

/** The text of a refusal, in the language of the page that asked. */
function messageOf(fault: DomainError): ErrorMessage {
	const message = errorText(fault.why, getRequestEvent().locals.language);
	return fault.at === undefined ? { message } : { message, at: fault.at };
}

/** Runs a page's load: an error becomes the error page with its own status and text. */
export async function withErrorPage<T>(work: () => Promise<T>): Promise<T> {
	try {
		return await work();
	} catch (thrown) {
		if (thrown instanceof DomainError) error(thrown.status, { ...messageOf(thrown), code: thrown.message });
		throw thrown;
	}
}

/** Runs a form action: an error becomes a failed form that keeps the page, with `fault` for it to show. */
export async function withFormError<T>(work: () => Promise<T>) {
	try {
		return await work();
	} catch (thrown) {
		if (thrown instanceof DomainError) return fail(thrown.status, { fault: messageOf(thrown) });
		throw thrown;
	}
}

/** Runs a JSON endpoint: an error becomes its status and `{ message, at }`. */
export async function withJsonError(work: () => Promise<Response>): Promise<Response> {
	try {
		return await work();
	} catch (thrown) {
		if (thrown instanceof DomainError) return Response.json(messageOf(thrown), { status: thrown.status });
		throw thrown;
	}
}
