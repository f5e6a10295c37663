import { currencies, formatMoney, minorDigits } from '../money';

describe('money', () => {
  // ISO 4217 list one: minor units, from memory.
  it.each([
    ['EUR', 2],
    ['GBP', 2],
    ['JPY', 0],
    ['KRW', 0],
    ['KWD', 3],
    ['TND', 3],
  ])('counts the smallest units of %s', (currency, digits) => {
    expect(minorDigits(currency)).toBe(digits);
  });

  it('is written as the currency has it, and bare where none is said', () => {
    expect(formatMoney(12.5, 'EUR')).toMatch(/^€12\.50$/);
    expect(formatMoney(1234.4, 'JPY')).toMatch(/1,234$/);
    expect(formatMoney(12.5, null)).toBe('12.50');
    expect(formatMoney(12.5, 'EUR', true)).toBe('€13');
    expect(formatMoney(-0.001, null)).toBe('0.00');
  });

  it('offers every currency of the device by code and name', () => {
    const all = currencies();
    expect(all.length).toBeGreaterThan(100);
    expect(all.every(({ code, name }) => /^[A-Z]{3}$/.test(code) && name !== '')).toBe(true);
    expect(all.find(({ code }) => code === 'EUR')?.name).toBe('Euro');
  });
});
