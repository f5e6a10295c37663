import * as z from 'zod/mini';
import { LUBE_CLASS_NAMES } from '../lube/classes';
import { PRODUCT_KINDS } from './kinds';
import { priceSchema } from './price';
import { stampsSchema } from './stamps';

const amount = z.number().check(z.gte(0), z.lte(100_000));
const known = z.nullable(z.number().check(z.positive(), z.lte(100_000)));

/** A product on the rider's shelf. Amounts are in ml, of wax in g, of rags in pieces. */
export const productSchema = z.object({
  id: z.string().check(z.minLength(1), z.maxLength(64)),
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(60)),
  kind: z.enum(PRODUCT_KINDS),
  /** Of a lube. */
  lubeClass: z.nullable(z.enum(LUBE_CLASS_NAMES)),
  /** What it held when full, and what that cost; null: not known. */
  size: known,
  price: priceSchema,
  openedOn: z.nullable(z.iso.datetime()),
  /** What was left at a moment; what is used from then on comes off it. */
  left: amount,
  leftAt: z.iso.datetime(),
  /** Life in dry riding by its label, km; null: its class's. */
  lifeKm: z.nullable(z.number().check(z.gte(20), z.lte(5000))),
  /** Hours to set at 20 C by its label, whether it is shaken first, and the least °C it may be used at. */
  setHours: z.nullable(z.number().check(z.gte(0), z.lte(72))),
  shake: z.boolean(),
  leastC: z.nullable(z.number().check(z.gte(-30), z.lte(40))),
  /** Of a degreaser: parts of water to one, whether its label allows chains, whether it spares wax. */
  dilution: z.nullable(z.number().check(z.gte(0), z.lte(100))),
  forChains: z.boolean(),
  sparesWax: z.boolean(),
  /** Off the shelf: kept because the logbook speaks of it. */
  retired: z.boolean(),
  changedAt: z.iso.datetime(),
  stamps: stampsSchema,
});

export type Product = z.infer<typeof productSchema>;
