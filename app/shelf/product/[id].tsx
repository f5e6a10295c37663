import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ProductFields } from '@/core/entry';
import { costOf, unitPrice } from '@/core/shelf';
import {
  putProduct,
  selectGarage,
  selectNow,
  selectSettings,
  selectShelf,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Card, Page } from '@/ui/frame';
import { ProductForm } from '@/ui/shelf/ProductForm';
import { formatAmount, formatMoney } from '@/ui/shelf/words';
import { Txt } from '@/ui/theme';

const EACH = { degreaser: 'ml', solvent: 'ml', wax: 'g', cleaner: 'ml', rags: 'piece' } as const;

/** A product of the shelf, or a new one. */
export default function ProductPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { products } = useAppSelector(selectGarage);
  const row = useAppSelector(selectShelf).find((r) => r.product.id === id);
  const now = useAppSelector(selectNow);
  const { dropsPerMl } = useAppSelector(selectSettings);
  const product = row?.product ?? null;
  if (id !== 'new' && !product)
    return (
      <Page title={products[id]?.name ?? 'No such product'}>
        <Txt>It is off the shelf. What it was used for stays in the history.</Txt>
      </Page>
    );
  const left = row?.stock.left ?? 0;
  const save = (fields: ProductFields) => {
    const at = new Date(now).toISOString();
    const counted = !product || Math.abs(fields.left - Math.max(0, left)) > 0.05;
    const stand = counted
      ? { left: fields.left, leftAt: at }
      : { left: product.left, leftAt: product.leftAt };
    const kept = { ...(product ? { id: product.id } : {}), retired: false };
    dispatch(
      putProduct(product ? 'Product changed' : 'Product added', { ...fields, ...kept, ...stand }),
    );
    router.navigate('/shelf');
  };
  return (
    <Page title={product?.name ?? 'A product for the shelf'}>
      {product && row ? (
        <Card title="What is left">
          <Txt>
            {left < 0
              ? 'More was used than it can have held: enter below what is left.'
              : `${formatAmount(left, product.kind)} left${row.coats === null ? '' : `, enough for about ${row.coats} coats`}.`}
          </Txt>
          <Txt variant="small" tone="inkSoft">
            {formatAmount(row.stock.used, product.kind)} used in {row.stock.jobs} jobs since it was
            counted.{' '}
            {product.kind === 'lube'
              ? `A coat of 114 drops costs ${formatMoney(costOf(product, 114 / dropsPerMl))}.`
              : `Each ${EACH[product.kind]} costs ${formatMoney(unitPrice(product))}.`}
          </Txt>
        </Card>
      ) : null}
      <ProductForm
        key={`${id} ${product?.changedAt ?? ''}`}
        product={product}
        left={left}
        onSave={save}
        {...(product
          ? {
              onRemove: () => {
                dispatch(putProduct('Product taken off the shelf', { ...product, retired: true }));
                router.navigate('/shelf');
              },
            }
          : {})}
      />
    </Page>
  );
}
