/** Moments as they are written everywhere: the day before the month in words, and a clock of 24 hours. */
const dayAndMinute = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const dayAndSecond = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'medium' });
const second = new Intl.DateTimeFormat('en-GB', { timeStyle: 'medium' });
const minute = new Intl.DateTimeFormat('en-GB', { timeStyle: 'short' });

/** "20 Jun 2026, 09:05". */
export const moment = (instant: string | number) => dayAndMinute.format(new Date(instant));

/** "20 Jun 2026, 09:05:07". */
export const exactMoment = (instant: string | number) => dayAndSecond.format(new Date(instant));

/** "09:05:07". */
export const clock = (instant: string | number) => second.format(new Date(instant));

/** "09:05". */
export const hour = (instant: string | number) => minute.format(new Date(instant));
