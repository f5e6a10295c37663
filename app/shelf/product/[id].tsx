import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ProductFields } from '@/core/entry/product';
import type { ReplayStep } from '@/core/care/replay/step';
import { LUBE_CLASSES } from '@/core/lube/classes';
import { USUAL_LINKS } from '@/core/lube/dose';
import { unitPrice, usualCoatCost } from '@/core/shelf/stock';
import type { Product } from '@/core/records/product';
import type { ShelfRow } from '@/core/shelf/rows';
import { costPer1000Km, spentOn, TELLING_KM } from '@/core/shelf/spent';
import { formatDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import {
  selectGarage,
  selectNow,
  selectReplay,
  selectSettings,
  selectShelf,
} from '@/store/selectors';
import { strike } from '@/store/commands/perform';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { saveProduct } from '@/store/commands/garage';
import { useAsOpened } from '@/ui/form/useAsOpened';
import { Card } from '@/ui/frame/Card';
import { Page } from '@/ui/frame/Page';
import { Learnt } from '@/ui/shelf/Learnt';
import { ProductForm } from '@/ui/forms/lazily';
import { formatAmount, formatMoney } from '@/core/words/shelf';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/forms/lazily';

const EACH = { degreaser: 'ml', solvent: 'ml', wax: 'g', cleaner: 'ml', rags: 'piece' } as const;

/** What its use came to on the road so far. */
function roadText(product: Product, steps: readonly ReplayStep[], units: Units): string {
  const spent = spentOn(product, steps);
  const far = formatDistance(spent.km, units);
  if (spent.km < TELLING_KM) return `${far} ridden on it: too little to tell what 1,000 km cost.`;
  return `1,000 km cost ${formatMoney(costPer1000Km(spent))}, from ${far} ridden on it.`;
}

/** A product of the shelf, or a new one. */
export default function ProductPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { products } = useAppSelector(selectGarage);
  const row = useAppSelector(selectShelf).find((r) => r.product.id === id);
  const { units } = useAppSelector(selectSettings);
  const product = row?.product ?? null;
  const save = useSave(id, row);
  if (id !== 'new' && !product)
    return (
      <Page title={products[id]?.name ?? 'No such product'}>
        <Txt>It is off the shelf. What it was used for stays in the history.</Txt>
      </Page>
    );
  const remove = (known: Product) => {
    dispatch(saveProduct('Product taken off the shelf', { ...known, retired: true }));
    router.navigate('/shelf');
  };
  return (
    <Page title={product?.name ?? 'A product for the shelf'}>
      {row ? <WhatIsLeft row={row} /> : null}
      {product ? <LearntOf product={product} /> : null}
      <ProductForm
        key={id}
        product={product}
        left={row?.stock.left ?? 0}
        units={units}
        onSave={save}
        {...(product ? { onRemove: () => remove(product) } : {})}
      />
    </Page>
  );
}

/** Saves a product; what is left counts from now where the rider changed it. */
function useSave(id: string, row: ShelfRow | undefined) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const now = useAppSelector(selectNow);
  const opened = useAsOpened(row ? { id, product: row.product, left: row.stock.left } : null);
  return (fields: ProductFields) => {
    const at = new Date(now).toISOString();
    const recounted = !opened || Math.abs(fields.left - Math.max(0, opened.left)) > 0.05;
    const stand = recounted
      ? { left: fields.left, leftAt: at }
      : { left: opened.product.left, leftAt: opened.product.leftAt };
    const kept = { ...(row ? { id: row.product.id } : {}), retired: false };
    const label = row ? 'Product changed' : 'Product added';
    dispatch(saveProduct(label, { ...fields, ...kept, ...stand }, opened?.product ?? null));
    router.navigate('/shelf');
  };
}

/** How much is left, what was used, and what that costs. */
function WhatIsLeft({ row: { product, stock, coats } }: { row: ShelfRow }) {
  const { dropsPerMl, units } = useAppSelector(selectSettings);
  const { replay } = useAppSelector(selectReplay);
  const enough = coats === null ? '' : `, enough for about ${coats} coats`;
  return (
    <Card title="What is left">
      <Txt>
        {stock.left < 0
          ? 'More was used than it can have held: enter below what is left.'
          : `${formatAmount(stock.left, product.kind)} left${enough}.`}
      </Txt>
      <Txt variant="small" tone="inkSoft">
        {formatAmount(stock.used, product.kind)} used in {stock.jobs} jobs since it was counted.{' '}
        {product.kind === 'lube'
          ? `A coat of ${USUAL_LINKS} drops costs ${formatMoney(usualCoatCost(product, dropsPerMl))}.`
          : `Each ${EACH[product.kind]} costs ${formatMoney(unitPrice(product))}.`}
      </Txt>
      <Txt variant="small" tone="inkSoft">
        {roadText(product, replay.steps, units)}
      </Txt>
    </Card>
  );
}

/** What notes have taught of a lube. */
function LearntOf({ product }: { product: Product }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectSettings);
  const { replay } = useAppSelector(selectReplay);
  if (!product.lubeClass) return null;
  return (
    <Learnt
      lube={product.id}
      handbookKm={product.lifeKm ?? LUBE_CLASSES[product.lubeClass].lifeKm}
      replay={replay}
      units={units}
      onWithdraw={({ event }) => dispatch(strike('Note withdrawn', [event.id]))}
    />
  );
}
