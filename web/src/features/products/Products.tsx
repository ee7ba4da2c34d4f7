import { againstNames, duration, goalNames, groupNames, materialWords } from '@zymostat/contract';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { useKeys } from '../../app/useKeys.ts';
import { StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { walkKeys } from '../../ui/walk.ts';
import { ProductForm } from './ProductForm.tsx';

/** Registered products with what their labels say: each may do that and nothing else. */
const Products = () => {
  const { data: stocks, error } = api.useStockQuery();
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
        {error ? <WentWrong error={error} /> : <Waiting what="the products" />}
      </main>
    );
  return (
    <main className="leaves">
      <section className="leaf" aria-label="Registered products">
        <div className="headline">
          <h1>Registered products</h1>
          <button className="btn" onClick={() => enter(true)}>
            Enter a product <span className="key">n</span>
          </button>
        </div>
        {products.length === 0 && <p className="soft">None yet. Enter one from its label.</p>}
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
                    .map(
                      ({ goal, against, seconds }) =>
                        `${goalNames[goal].toLowerCase()} against ${against.map((one) => againstNames[one]).join(', ')}, ${duration(seconds)}`,
                    )
                    .join(' · ')}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      <section className="sheet" aria-label="The label">
        {chosen ? (
          <>
            <p className="crumb">
              <b className="fig">{chosen.code}</b> · good until {dateOf(chosen.expiresAt)} ·{' '}
              {chosen.label?.groups.map((group) => groupNames[group]).join(', ')}
            </p>
            {chosen.label && chosen.label.notOn.length > 0 && (
              <p className="crumb">
                Never on{' '}
                {chosen.label.notOn.map((id) => materialWords[id].name.toLowerCase()).join(', ')}
              </p>
            )}
            <Verdict
              say={chosen.name}
              why="As its label was entered. The label on the bottle comes first: where they differ, put this right."
            />
            <ProductForm key={chosen.id} product={chosen} onDone={pick} />
          </>
        ) : (
          <>
            <Verdict
              say="Enter a product from its label."
              why="Uses, times and excluded surfaces exactly as printed. It may then do that and nothing else; its times are never shortened."
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
