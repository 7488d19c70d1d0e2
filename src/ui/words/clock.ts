/** A moment as people read it on a sheet, with its year, in the browser's own time. */
export const clock = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', {
    day: '2-digit',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  });

/** The time of day to the second, for what has just happened. */
export const clockTime = (iso: string) =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', second: '2-digit' });

/** A day as it stands on paper: 1 December 2026. */
export const day = (at: string | number) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'long' });
