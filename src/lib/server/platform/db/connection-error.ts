/**
 * Codes from PostgreSQL, Node.js and the client for a lost connection: shutting down or starting, refused, or cut (PostgreSQL's appendix A,
 * classes 57P and 08).
 */
const CODES =
	/^(?:57P0[123]|08\w{3}|E(?:CONNREFUSED|CONNRESET|PIPE|TIMEDOUT|HOSTUNREACH|NETUNREACH|AI_AGAIN|NOTFOUND))$/;

/** What the client says without a code. */
const WORDS =
	/^(?:Connection terminated|Client has encountered a connection error|timeout exceeded when trying to connect|timeout expired)/;

/** Whether an error means that the database could not be reached, or was lost on the way; Drizzle wraps the client's error. */
export function isConnectionError(error: unknown): boolean {
	if (!(error instanceof Error)) return false;
	const { code } = error as { code?: unknown };
	return (
		(typeof code === 'string' && CODES.test(code)) ||
		WORDS.test(error.message) ||
		isConnectionError(error.cause)
	);
}
