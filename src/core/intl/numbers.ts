const made = new Map<string, Intl.NumberFormat>();

/** A format of figures as the device writes them. Making one takes longer than a hundred uses of it: each is made once. */
export function numberFormat(options: Intl.NumberFormatOptions): Intl.NumberFormat {
  const key = JSON.stringify(options);
  const known = made.get(key);
  if (known) return known;
  const format = new Intl.NumberFormat(undefined, options);
  made.set(key, format);
  return format;
}

/** The sign between ones and tenths on this device: `.` or `,`. */
export const decimalSign = (): string =>
  numberFormat({})
    .formatToParts(1.5)
    .find(({ type }) => type === 'decimal')?.value ?? '.';
