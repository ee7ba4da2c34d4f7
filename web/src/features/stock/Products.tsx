import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { duration } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { useState } from 'react';
import { useStockQuery } from './api.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { walkKeys } from '../../ui/walk.ts';
import { ProductForm } from './ProductForm.tsx';

/** Registered products with what their labels say: each may do that and nothing else. */
const Products = () => {
  const { data: stocks, error } = useStockQuery();
  const [chosenId, choose] = useState<string>();
  const [entering, enter] = useState(false);
  const products = stocks?.filter(({ active }) => active === 'registered product') ?? [];
  const chosen = entering ? undefined : (products.find(({ id }) => id === chosenId) ?? products[0]);
  const pick = (id: string) => {
    enter(false);
    choose(id);
  };
  useKeys({
    n: () => enter(true),
    ...walkKeys(
      products.map(({ id }) => id),
      chosen?.id,
      pick,
    ),
  });
  if (!stocks)
    return (
      <main className="px-6">
        {error ? <WentWrong error={error} /> : <Waiting what={w.name('products', 'theProducts')} />}
      </main>
    );
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('products', 'registeredProducts')}>
        <div className="headline">
          <h1>{w.name('products', 'registeredProducts')}</h1>
          <button className="btn" onClick={() => enter(true)}>
            {rich('products.enterAProductN', {
              soft: (text: ReactNode) => <span className="key">{text}</span>,
            })}
          </button>
        </div>
        {products.length === 0 && (
          <p className="soft">{w.name('products', 'noneYetEnterOneFrom')}</p>
        )}
        <ul className="list">
          {products.map((product) => (
            <li key={product.id}>
              <button
                className={`list__row ${product.id === chosen?.id ? 'on-ink' : ''}`}
                aria-current={product.id === chosen?.id || undefined}
                onClick={() => pick(product.id)}
              >
                <span className="flex items-baseline gap-3">
                  <span className="fig">{product.code}</span>
                  <i className="stub stub--row fill self-center" data-family="product" />
                  <b className="font-semibold">{product.name}</b>
                </span>
                <span className="small soft block">
                  {product.label?.uses
                    .map(({ goal, against, seconds }) =>
                      w.say('products.against2', {
                        goal: w.name('goal', goal).toLowerCase(),
                        against: against.map((one) => w.name('against', one)).join(', '),
                        seconds: duration(w, seconds),
                      }),
                    )
                    .join(' · ')}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      <section className="sheet" aria-label={w.name('products', 'theLabel')}>
        {chosen ? (
          <>
            <p className="crumb">
              {rich('products.goodUntil2', {
                b: (text: ReactNode) => <b className="fig">{text}</b>,
                code: chosen.code,
                expiresAt: dateOf(chosen.expiresAt),
                groups: chosen.label?.groups.map((group) => w.name('group', group)).join(', '),
              })}
            </p>
            {chosen.label && chosen.label.notOn.length > 0 && (
              <p className="crumb">
                {rich('products.neverOn', {
                  notOn: chosen.label.notOn
                    .map((id) => w.name('material', id).toLowerCase())
                    .join(', '),
                })}
              </p>
            )}
            <Verdict say={chosen.name} why={w.name('products', 'asItsLabelWasEntered')} />
            <ProductForm key={chosen.id} product={chosen} onDone={pick} />
          </>
        ) : (
          <>
            <Verdict
              say={w.name('products', 'enterAProductFromIts')}
              why={w.name('products', 'usesTimesAndExcludedSurfaces')}
            />
            <ProductForm key="new" onDone={pick} />
          </>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default Products;
