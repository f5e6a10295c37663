const made = new Map<string, Format<Intl.NumberFormat>>();

/** What is used of a format of the browser. */
type Format<T extends Intl.NumberFormat | Intl.DateTimeFormat> = Pick<
  T,
  'format' | 'formatToParts'
>;

/** A format that is made when it is first used: making one takes longer than a hundred uses of it. */
export function whenUsed<T extends Intl.NumberFormat | Intl.DateTimeFormat>(
  make: () => T,
): Format<T> {
  let format: T | null = null;
  const known = (): T => (format ??= make());
  return {
    format: ((value: never) => known().format(value)) as T['format'],
    formatToParts: ((value: never) => known().formatToParts(value)) as T['formatToParts'],
  };
}

/** A format of figures as the device writes them, each made once. */
export function numberFormat(options: Intl.NumberFormatOptions): Format<Intl.NumberFormat> {
  const key = JSON.stringify(options);
  const known = made.get(key);
  if (known) return known;
  const format = whenUsed(() => new Intl.NumberFormat(undefined, options));
  made.set(key, format);
  return format;
}

/** The sign between ones and tenths on this device: `.` or `,`. */
export const decimalSign = (): string =>
  numberFormat({})
    .formatToParts(1.5)
    .find(({ type }) => type === 'decimal')?.value ?? '.';
