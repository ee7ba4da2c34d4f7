import { labelWords, pictogramNames, pictogramSvg, type BatchFacts, type LabelWords } from '@zymostat/contract';
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { dateOf } from '../../ui/times.ts';

/** A label as it will be printed. */
export const Label = ({ label }: { label: Omit<LabelWords, 'madeAt' | 'discardAfter' | 'code'> & { code: string; madeAt?: number; discardAfter?: number } }) => (
  <figure className="label" aria-label="Label of the bottle">
    <figcaption className="label__head"><span>{label.company}</span><span className="fig">{label.code}</span></figcaption>
    <p className="label__name">{label.title}</p>
    <p>{label.strength}</p>
    <p className="soft">{label.purpose}</p>
    {(label.signal ?? label.pictograms.length > 0) && (
      <p className="label__warn flex items-center gap-2">
        {label.pictograms.map((one) => <img key={one} className="h-9 w-9" alt={pictogramNames[one]} src={`data:image/svg+xml,${encodeURIComponent(pictogramSvg(one))}`} />)}
        <b>{label.signal}</b>
      </p>
    )}
    <p className="label__warn">{label.statements.join(' ')} <span className="soft">{label.precautions.join(' ')}</span></p>
    <p className="label__warn"><b>Never with:</b> {label.neverWith}.</p>
    {label.madeAt !== undefined && label.discardAfter !== undefined && <p className="label__foot"><span>Made <b className="fig">{dateOf(label.madeAt)}</b></span><span>Discard after <b className="fig">{dateOf(label.discardAfter)}</b></span><span>by {label.madeBy}</span></p>}
  </figure>
);

/** The label of a batch, and the way to its PDF in two sizes. */
export const LabelPreview = ({ batch }: { batch: BatchFacts }) => {
  const { data: me } = api.useMeQuery();
  const book = useBook();
  if (!me) return null;
  const href = (size: string, copies: number) => `/api/batches/${batch.id}/label.pdf?size=${size}&copies=${copies}`;
  return (
    <section className="mt-5 border-t border-ink pt-3" aria-label="Label">
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-3">
        <h2>Label</h2>
        <p className="flex flex-wrap gap-4">
          <a className="btn btn--quiet" href={href('62x100', 6)} target="_blank" rel="noreferrer">Print 6 of 62 × 100 mm</a>
          <a className="btn btn--quiet" href={href('A6', 4)} target="_blank" rel="noreferrer">Print 4 of A6</a>
        </p>
      </div>
      <div className="max-w-[340px]"><Label label={labelWords(batch, me.company, me.company.houseRules, book)} /></div>
    </section>
  );
};
