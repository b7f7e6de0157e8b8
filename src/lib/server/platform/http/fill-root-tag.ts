const ROOT_TAG = /<html[^>]*>/;

/**
 * A page whose first tag says who reads it, and how: `%name%` in its attributes is replaced. Nothing else is searched, since each search of
 * a page copies all of it, and what people wrote stays as they wrote it.
 * @param html a page, or a later part of one, which is returned unchanged
 */
export const fillRootTag = (html: string, values: Readonly<Record<string, string>>): string =>
	html.replace(ROOT_TAG, (tag) => tag.replace(/%([a-z]+)%/g, (mark, name: string) => values[name] ?? mark));
