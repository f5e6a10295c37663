/** What one future of a regime came to, in things and hours; `moneyOf` puts prices on it. */
export interface Outcome {
  km: number;
  hours: number;
  /** Used up: a chain replaced and a third of the next are 1.33. */
  chains: number;
  cassettes: number;
  rings: number;
  jockeys: number;
  coats: number;
  cleans: number;
  wipes: number;
  /** At the bench, hands on. */
  minutes: number;
  dryKm: number;
  /** Lost to the chain beyond a clean, straight, new one with the best lube, at 250 W. */
  wattHours: number;
  /** Nights the chain stood wet. */
  wetNights: number;
}

export const NOTHING_YET: Outcome = {
  km: 0,
  hours: 0,
  chains: 0,
  cassettes: 0,
  rings: 0,
  jockeys: 0,
  coats: 0,
  cleans: 0,
  wipes: 0,
  minutes: 0,
  dryKm: 0,
  wattHours: 0,
  wetNights: 0,
};

/** What each thing costs; null: not known, and left out. */
export interface CarePrices {
  chain: number | null;
  cassette: number | null;
  ring: number | null;
  jockeys: number | null;
  /** Of a coat, and of what a clean takes beside its coat. */
  coat: number | null;
  clean: number | null;
  hour: number;
}

/** The money of an outcome by what it went on. */
export interface CareMoney {
  lube: number;
  cleaning: number;
  chain: number;
  cassette: number;
  rings: number;
  time: number;
}

/** What an outcome costs; of what has no price, nothing. */
export const moneyOf = (o: Outcome, p: CarePrices): CareMoney => ({
  lube: o.coats * (p.coat ?? 0),
  cleaning: o.cleans * (p.clean ?? 0),
  chain: o.chains * (p.chain ?? 0),
  cassette: o.cassettes * (p.cassette ?? 0),
  rings: o.rings * (p.ring ?? 0) + o.jockeys * (p.jockeys ?? 0),
  time: (o.minutes / 60) * p.hour,
});

export const MONEY_ITEMS = ['lube', 'cleaning', 'chain', 'cassette', 'rings', 'time'] as const;

export const wholeOf = (money: CareMoney): number =>
  MONEY_ITEMS.reduce((sum, item) => sum + money[item], 0);
