import { fail, ok, type Result } from '../problem';
import type { Product } from '../shelf';
import { FormCheck, type FormResult } from './form';
import { readNumber } from './number';

/** A product as it stands in the form: numbers still text, empty where not known. */
export interface ProductDraft extends Pick<
  Product,
  'name' | 'kind' | 'lubeClass' | 'openedOn' | 'forChains' | 'sparesWax'
> {
  size: string;
  price: string;
  left: string;
  lifeKm: string;
  dilution: string;
}

export type ProductField = 'name' | 'size' | 'price' | 'left' | 'lifeKm' | 'dilution';

export type ProductFields = Omit<Product, 'id' | 'leftAt' | 'retired' | 'changedAt'>;

/** Reads the form of a product. Size and price may be left empty: then costs are unknown, never zero. */
export function readProduct(draft: ProductDraft): FormResult<ProductFields, ProductField> {
  const check = new FormCheck<ProductField>();
  const name = check.take('name', readName(draft.name));
  const size = check.take('size', optional(draft.size, 0.1, 100_000));
  const price = check.take('price', optional(draft.price, 0.01, 100_000));
  const left = check.take('left', readLeft(draft.left, size ?? null));
  const isLube = draft.kind === 'lube';
  const lifeKm = check.take('lifeKm', isLube ? optional(draft.lifeKm, 20, 5000) : ok(null));
  const dilution = check.take(
    'dilution',
    draft.kind === 'degreaser' ? optional(draft.dilution, 0, 100) : ok(null),
  );
  if (
    !check.clean ||
    name === undefined ||
    size === undefined ||
    price === undefined ||
    left === undefined ||
    lifeKm === undefined ||
    dilution === undefined
  )
    return { ok: false, problems: check.problems };
  const { kind, openedOn, forChains, sparesWax } = draft;
  const lubeClass = isLube ? (draft.lubeClass ?? 'all-weather') : null;
  return {
    ok: true,
    value: {
      name,
      kind,
      lubeClass,
      size,
      price,
      openedOn,
      left,
      lifeKm,
      dilution,
      forChains: isLube || forChains,
      sparesWax,
    },
  };
}

function readName(text: string): Result<string> {
  const name = text.trim();
  if (name === '') return fail('name/missing');
  return name.length > 60 ? fail('name/too-long') : ok(name);
}

function optional(text: string, low: number, high: number): Result<number | null> {
  if (text.trim() === '') return ok(null);
  const read = readNumber(text);
  if (!read.ok) return read;
  return read.value >= low && read.value <= high
    ? read
    : fail('amount/impossible', { detail: `${low} to ${high}` });
}

/** What is left: as counted, or all of it where nothing was entered. */
function readLeft(text: string, size: number | null): Result<number> {
  if (text.trim() === '') return ok(size ?? 0);
  const read = optional(text, 0, 100_000);
  return read.ok ? ok(read.value ?? 0) : read;
}
