import { w } from '../../../words/words.ts';

const papers = [
  { size: 'A4', name: 'A4' },
  { size: 'A3', name: w.name('apart', 'a3ForTheDepot') },
  { size: 'card', name: w.name('apart', 'cardForTheCaddy') },
] as const;

/** The book as a poster, a card for the caddy, and as files. */
export const OnPaper = () => (
  <section className="mt-5" aria-label={w.name('apart', 'onPaper')}>
    <h2>{w.name('apart', 'onPaperAndAsFiles')}</h2>
    <p className="mt-2 flex flex-wrap gap-3">
      {papers.map(({ size, name }) => (
        <a
          key={size}
          className="btn"
          href={`/api/book/poster.pdf?size=${size}`}
          target="_blank"
          rel="noreferrer"
        >
          {name}
        </a>
      ))}
      <a className="btn btn--quiet" href="/api/book.csv" download>
        {w.name('apart', 'csv')}
      </a>
      <a className="btn btn--quiet" href="/api/book.json" download>
        {w.name('apart', 'json')}
      </a>
    </p>
  </section>
);
