/**
 * A format of dates and times in the language of the app, which is English, whatever the browser's: a German month in
 * an English sentence is neither. Day before month, 24 hours.
 */
export const dateFormat = (options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat =>
  new Intl.DateTimeFormat('en-GB', options);
