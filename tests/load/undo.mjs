// Undo beside an edit, 0 to 3 ms apart: how often something that was answered with 200 was lost. Usage: undo.mjs ADDRESS ROUNDS
const [address, rounds] = process.argv.slice(2);
const ask = async (method, path, body, version) => {
  const answer = await fetch(address + path, {
    method,
    headers: { 'content-type': 'application/json', ...(version ? { 'If-Match': `"${version}"` } : {}) },
    body: body && JSON.stringify(body),
  });
  return { status: answer.status, json: await answer.json().catch(() => null) };
};
const time = Date.now().toString(16).padStart(12, '0');
const id = `${time.slice(0, 8)}-${time.slice(8)}-7000-8000-00000000beef`;
await ask('POST', '/api/projects', { id, name: 'begun' });
let [lost, undone, edited] = [0, 0, 0];
for (let i = 0; i < Number(rounds); i++) {
  const before = (await ask('GET', `/api/projects/${id}`)).json;
  const first = (await ask('PATCH', `/api/projects/${id}`, { name: `first ${i}` }, before.version)).json;
  const step = (await ask('GET', '/api/history')).json.undo.id;
  const undo = ask('POST', '/api/history/undo', { step });
  await new Promise((done) => setTimeout(done, i % 4));
  const edit = ask('PATCH', `/api/projects/${id}`, { name: `second ${i}` }, first.version);
  const [u, e] = [await undo, await edit];
  const now = (await ask('GET', `/api/projects/${id}`)).json;
  if (u.json.turned) undone++;
  if (e.status === 200) edited++;
  const isWhole = e.status === 200 ? now.name === `second ${i}` && !u.json.turned : now.name === before.name;
  if (!isWhole) lost++;
}
console.log(
  `lost: ${lost} of ${rounds}; the undo was first ${undone} times, the edit ${edited} times   (wanted: 0 lost)`,
);
