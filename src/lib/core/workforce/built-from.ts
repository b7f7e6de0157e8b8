/** What a step built from a kind of item is called in codes. @param place a station @param kind a kind of household item */
export const builtFrom = (place: string, kind: string) => `${place}:${kind}`;
