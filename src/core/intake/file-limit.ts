/** Larger files are refused before they are sent or read: a list of 20,000 names has one or two megabytes. */
export const MOST_FILE_BYTES = 20_000_000;
