import express from 'express';
import pg from 'pg';

/** The least that a route could do: takes JSON, inserts one row of the ledger's shape, answers. */
const pool = new pg.Pool({ connectionString: process.env.DATABASE_URL, max: 10 });
const app = express();
app.use(express.json());

const insert = {
  name: 'bare',
  text: `INSERT INTO bare_row (seq, fact_id, kind, at, recorded_at, home_id, home_name, person_id, body, previous_hash, hash)
    VALUES (nextval('bare_seq'), $1, 'surface-event', now(), now(), $2, 'Hedda', $3, $4, $5, $5)`,
};
const HASH = 'f'.repeat(64);

app.post('/api/events', async (request, response) => {
  const [event] = (request.body as { events: { id: string; roundId: string; personId: string }[] })
    .events;
  const { id, roundId, personId } = event!;
  const values = [id, roundId, personId, JSON.stringify(event), HASH];
  await pool.query({ ...insert, values });
  response.json({ id, taken: 'now' });
});
app.get('/api/protocols/:id', async (request, response) => {
  const asked = { name: 'one', text: process.env.BARE_QUERY!, values: [request.params.id] };
  const { rows } = await pool.query<{ answer: string }>(asked);
  response.type('json').send(rows[0]!.answer);
});
app.listen(Number(process.env.PORT), '127.0.0.1');
