/** Larger job files are refused before they are read, bytes. */
export const JOB_FILE_MAX_BYTES = 64 * 1024 * 1024;
/** What a camera may send, bytes. */
export const PHOTOGRAPH_MAX_BYTES = 24 * 1024 * 1024;
