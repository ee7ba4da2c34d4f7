import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

export type Device = 'scale' | 'meter' | 'strip' | 'thermometer';

const page = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Simulated bench</title>
<style>body{font:16px sans-serif;max-width:34em;margin:2em auto;padding:0 1em}button,input{font:inherit;padding:.3em .7em;margin:.2em}pre{font-size:2em}</style>
<h1>Simulated bench</h1>
<p>Stand-ins for the scale, the density meter, the peroxide strip and a room's thermometer: what you do here, they show.</p>
<h2>Scale</h2><pre id="shown">…</pre>
<p><input id="grams" value="50" size="6" aria-label="Grams"> g <button data-line="put">Put on</button><button data-line="take">Take off</button><button data-all="empty">Empty it</button><button data-all="tare">Tare</button></p>
<h2>Density meter</h2><p><input id="meter" value="2-propanol 70 21" aria-label="Sample: alcohol, per cent, Celsius"> <button data-of="meter">Set the sample</button></p>
<h2>Peroxide strip</h2><p><input id="strip" value="3" size="6" aria-label="Sample in per cent"> % <button data-of="strip">Set the sample</button></p>
<h2>Thermometer and hygrometer</h2><p><input id="thermometer" value="21 50" size="10" aria-label="Air: Celsius, per cent"> <button data-of="thermometer">Set the air</button></p>
<p id="said" role="status"></p>
<script>
const send=(device,line)=>fetch('/do',{method:'POST',body:JSON.stringify({device,line})}).then(r=>r.text()).then(t=>{said.textContent=t});
const value=id=>document.getElementById(id).value;
for(const b of document.querySelectorAll('button'))b.onclick=()=>b.dataset.of?send(b.dataset.of,'sample '+value(b.dataset.of)):send('scale',b.dataset.all||b.dataset.line+' '+value('grams'));
setInterval(()=>fetch('/scale').then(r=>r.text()).then(t=>{shown.textContent=t}),300);
</script>`;

/** The page by which somebody plays the devices, and the same by POST /do. */
export const serveControlPage = async (
  port: number,
  read: () => string,
  act: (device: Device, line: string) => string,
): Promise<{ port: number; server: Server }> => {
  const server = createServer((request, response) => {
    if (request.method === 'POST' && request.url === '/do') {
      let body = '';
      request.on('data', (chunk: Buffer) => (body = (body + chunk.toString()).slice(0, 1000)));
      request.on('end', () => {
        try {
          const { device, line } = JSON.parse(body) as { device: Device; line: string };
          response.end(act(device, line));
        } catch {
          response.writeHead(400).end('found no JSON with device and line');
        }
      });
    } else if (request.url === '/scale') response.end(read());
    else if (request.url === '/')
      response.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' }).end(page);
    else response.writeHead(404).end('found nothing here');
  });
  await new Promise<void>((done, failed) =>
    server.once('error', failed).listen(port, '127.0.0.1', done),
  );
  return { port: (server.address() as AddressInfo).port, server };
};
