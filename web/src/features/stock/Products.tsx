import type { StockRow } from '@zymostat/contract';
import { duration } from '@zymostat/words';
import { useState } from 'react';
import { StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { walkKeys } from '../../ui/walk.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { CompanyTabs } from '../people/CompanyTabs.tsx';
import { useStockQuery } from './api.ts';
import { ProductForm } from './label/ProductForm.tsx';
import { ListRow } from '../../ui/ListRow.tsx';

const usesOf = ({ label }: StockRow): string =>
  (label?.uses ?? [])
    .map(({ goal, against, seconds }) =>
      w.say('products.against2', {
        goal: w.name('goal', goal).toLowerCase(),
        against: against.map((one) => w.name('against', one)).join(', '),
        seconds: duration(w, seconds),
      }),
    )
    .join(' · ');

interface RowProps {
  product: StockRow;
  chosen: boolean;
  onChoose: () => void;
}

const Row = ({ product, chosen, onChoose }: RowProps) => (
  <ListRow chosen={chosen} onChoose={onChoose}>
    <span className="flex items-baseline gap-3">
      <span className="fig">{product.code}</span>
      <i className="stub stub--row fill self-center" data-family="product" />
      <b className="font-semibold">{product.name}</b>
    </span>
    <span className="small soft block">{usesOf(product)}</span>
  </ListRow>
);

/** What stands of it before it is changed. */
const Entered = ({ code, expiresAt, label }: StockRow) => (
  <>
    <p className="crumb">
      {rich('products.goodUntil2', {
        b: (text) => <b className="fig">{text}</b>,
        code,
        expiresAt: dateOf(expiresAt),
        groups: (label?.groups ?? []).map((group) => w.name('group', group)).join(', '),
      })}
    </p>
    {label && label.notOn.length > 0 && (
      <p className="crumb">
        {w.say('products.neverOn', {
          notOn: label.notOn.map((id) => w.name('material', id).toLowerCase()).join(', '),
        })}
      </p>
    )}
  </>
);

const Sheet = ({ product, onDone }: { product?: StockRow; onDone: (id: string) => void }) => (
  <section className="sheet" aria-label={w.name('products', 'theLabel')}>
    {product && <Entered {...product} />}
    <Verdict
      say={product?.name ?? w.name('products', 'enterAProductFromIts')}
      why={
        product
          ? w.name('products', 'asItsLabelWasEntered')
          : w.name('products', 'usesTimesAndExcludedSurfaces')
      }
    />
    <ProductForm key={product?.id ?? 'new'} product={product} onDone={onDone} />
    <StandingNote />
  </section>
);

/** The registered products, and which of them is looked at or entered. */
const useProducts = (stocks: StockRow[] = []) => {
  const [chosenId, choose] = useState<string>();
  const [entering, enter] = useState(false);
  const products = stocks.filter(({ active }) => active === 'registered product');
  const chosen = entering ? undefined : (products.find(({ id }) => id === chosenId) ?? products[0]);
  const pick = (id: string) => {
    enter(false);
    choose(id);
  };
  const ids = products.map(({ id }) => id);
  useKeys({ n: () => enter(true), ...walkKeys(ids, chosen?.id, pick) });
  return { products, chosen, pick, enter: () => enter(true) };
};

/** Registered products with what their labels say: each may do that and nothing else. */
const Products = () => {
  const { data: stocks, error } = useStockQuery();
  const { products, chosen, pick, enter } = useProducts(stocks);
  if (!stocks)
    return (
      <main className="px-6">
        {error ? <WentWrong error={error} /> : <Waiting what={w.name('products', 'theProducts')} />}
      </main>
    );
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('products', 'registeredProducts')}>
        <CompanyTabs />
        <div className="headline">
          <h1>{w.name('products', 'registeredProducts')}</h1>
          <button className="btn" onClick={enter}>
            {rich('products.enterAProductN', {
              soft: (text) => <span className="key">{text}</span>,
            })}
          </button>
        </div>
        {products.length === 0 && (
          <p className="soft">{w.name('products', 'noneYetEnterOneFrom')}</p>
        )}
        <ul className="list">
          {products.map((product) => (
            <Row
              key={product.id}
              product={product}
              chosen={product.id === chosen?.id}
              onChoose={() => pick(product.id)}
            />
          ))}
        </ul>
      </section>
      <Sheet product={chosen} onDone={pick} />
    </main>
  );
};
export default Products;
