/** Words that are translated one by one; in the pages about the program, too. */
export const CLUMSY =
	/\b(?:anew|whom|whoever|meanwhile|somebody|anybody|by itself|in force|as it stands|any more|told|take along|taken along|put off)\b/i;

/** A sentence that begins with a bare *who* or *what* and asks nothing. */
export const BARE = /(?:^|[.!:|] |\*\*|_)(?:Who|What|Whose|Whom|Whoever)\b[^?.!|]*(?:[.!|]|$)/;
