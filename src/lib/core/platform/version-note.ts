/** Longest note on why a version is published, characters: our assumption, a few sentences. */
export const VERSION_NOTE_LENGTH = 300;
