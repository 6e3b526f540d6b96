/** Seconds as hours and minutes, rounded up to the minute. */
export function hoursMinutes(seconds: number): string {
  const minutes = Math.ceil(seconds / 60 - 1e-6);
  const h = Math.floor(minutes / 60);
  return h > 0 ? `${h} h ${String(minutes % 60).padStart(2, '0')} min` : `${minutes} min`;
}
