import { fail, ok, type Result } from '../problem';
import {
  fromShownDistance,
  fromShownTemperature,
  toShownDistance,
  toShownTemperature,
  type Units,
} from '../units/convert';
import type { Product } from '../records/product';
import { FormCheck, type FormResult } from './form';
import { readIfAny } from './number';

/** A product as it stands in the form: numbers still text, empty where not known. */
export interface ProductDraft extends Pick<
  Product,
  'name' | 'kind' | 'lubeClass' | 'openedOn' | 'forChains' | 'sparesWax' | 'shake'
> {
  size: string;
  price: string;
  left: string;
  lifeKm: string;
  setHours: string;
  leastC: string;
  dilution: string;
}

export type ProductField =
  'name' | 'size' | 'price' | 'left' | 'lifeKm' | 'setHours' | 'leastC' | 'dilution';

export type ProductFields = Omit<Product, 'id' | 'leftAt' | 'retired' | 'changedAt'>;

const text = (value: number | null): string => (value === null ? '' : String(value));

const shown = (value: number | null | undefined, as: (value: number) => number) =>
  value === null || value === undefined ? null : Math.round(as(value));

/** A product as form text, or the form of a new one; `left`: what the log says is left now. */
export const productDraft = (
  product: Product | null,
  left: number,
  units: Units,
): ProductDraft => ({
  name: product?.name ?? '',
  kind: product?.kind ?? 'lube',
  lubeClass: product?.lubeClass ?? 'all-weather',
  size: text(product?.size ?? null),
  price: text(product?.price ?? null),
  openedOn: product?.openedOn ?? null,
  left: product ? String(Math.round(Math.max(0, left) * 10) / 10) : '',
  lifeKm: text(shown(product?.lifeKm, (km) => toShownDistance(km, units))),
  setHours: text(product?.setHours ?? null),
  shake: product?.shake ?? false,
  leastC: text(shown(product?.leastC, (celsius) => toShownTemperature(celsius, units))),
  dilution: text(product?.dilution ?? null),
  forChains: product?.forChains ?? true,
  sparesWax: product?.sparesWax ?? false,
});

/** Reads the form of a product. Size and price may be left empty: then costs are unknown, never zero. */
export function readProduct(
  draft: ProductDraft,
  units: Units,
): FormResult<ProductFields, ProductField> {
  const check = new FormCheck<ProductField>();
  const name = check.take('name', readName(draft.name));
  const size = check.take('size', readIfAny(draft.size, 0.1, 100_000));
  const price = check.take('price', readIfAny(draft.price, 0, 100_000));
  const left = check.take('left', readLeft(draft.left, size ?? null));
  const isLube = draft.kind === 'lube';
  const lifeKm = check.take('lifeKm', isLube ? readLife(draft.lifeKm, units) : ok(null));
  const setHours = check.take('setHours', isLube ? readIfAny(draft.setHours, 0, 72) : ok(null));
  const leastC = check.take('leastC', isLube ? readLeast(draft.leastC, units) : ok(null));
  const dilution = check.take(
    'dilution',
    draft.kind === 'degreaser' ? readIfAny(draft.dilution, 0, 100) : ok(null),
  );
  if (
    !check.clean ||
    name === undefined ||
    size === undefined ||
    price === undefined ||
    left === undefined ||
    lifeKm === undefined ||
    setHours === undefined ||
    leastC === undefined ||
    dilution === undefined
  )
    return { ok: false, problems: check.problems };
  const { kind, openedOn, forChains, sparesWax, shake } = draft;
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
      setHours,
      shake,
      leastC,
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

/** A life in the rider's unit of distance, in km. */
function readLife(written: string, units: Units): Result<number | null> {
  const inUnits = (km: number) => Math.round(toShownDistance(km, units));
  const read = readIfAny(written, inUnits(20), inUnits(5000));
  return read.ok && read.value !== null ? ok(fromShownDistance(read.value, units)) : read;
}

/** A temperature in the rider's unit, in °C. */
function readLeast(written: string, units: Units): Result<number | null> {
  const inUnits = (celsius: number) => Math.round(toShownTemperature(celsius, units));
  const read = readIfAny(written, inUnits(-30), inUnits(40));
  return read.ok && read.value !== null ? ok(fromShownTemperature(read.value, units)) : read;
}

/** What is left: as counted, or all of it where nothing was entered. */
function readLeft(text: string, size: number | null): Result<number> {
  if (text.trim() === '') return ok(size ?? 0);
  const read = readIfAny(text, 0, 100_000);
  return read.ok ? ok(read.value ?? 0) : read;
}
