/** A file as a download, read in parts while it is sent: one of any length. */
export function fileStream(
	{ name, type }: { readonly name: string; readonly type: string },
	parts: AsyncIterator<string>
): Response {
	const encoder = new TextEncoder();
	const body = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const { value, done } = await parts.next();
			if (done) controller.close();
			else controller.enqueue(encoder.encode(value));
		},
		async cancel() {
			await parts.return?.();
		}
	});
	return new Response(body, {
		headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` }
	});
}
