// Layouts on fabric: rectangles that one piece was cut up into, so that a layout without waste exists.
//
//   node tests/load/layouts.mjs http://127.0.0.1:5080
const [address] = process.argv.slice(2);

/** xorshift, so that every run asks the same. */
let seed = 20261201;
const chance = () => {
  seed ^= seed << 13;
  seed ^= seed >>> 17;
  seed ^= seed << 5;
  return (seed >>> 0) / 2 ** 32;
};

function cutUp(width, length, count) {
  const all = [[width, length]];
  while (all.length < count) {
    const [w, h] = all.splice(all.indexOf(all.toSorted((a, b) => b[0] * b[1] - a[0] * a[1])[0]), 1)[0];
    const at = Math.round((h > w ? h : w) * (0.25 + 0.5 * chance()));
    all.push(h > w ? [w, at] : [at, h], h > w ? [w, h - at] : [w - at, h]);
  }
  return all.toSorted(() => chance() - 0.5);
}

async function lay(pieces, seconds, more = {}) {
  const begun = performance.now();
  const answer = await fetch(`${address}/api/cutting`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      fabric: { width: 1400 },
      pieces: pieces.map(([width, length], i) => ({ name: `${i}`, width, length })),
      seconds,
      ...more,
    }),
  });
  const { used, atLeast, isProven } = await answer.json();
  return { over: used.mm / atLeast.mm - 1, isProven, took: performance.now() - begun };
}

const per = (x) => `${(100 * x).toFixed(1)} %`;
const middle = (all) => all.toSorted((a, b) => a - b)[all.length >> 1];
for (const [count, seconds, more] of [
  [8, 5],
  [12, 10],
  [18, 10],
  [24, 10],
  [24, 10, { edgeToEdge: true }],
]) {
  const first = [];
  const found = [];
  for (let i = 0; i < 10; i++) {
    const pieces = cutUp(1400, 900 + 100 * i, count);
    first.push(await lay(pieces, 0, more));
    found.push(await lay(pieces, seconds, more));
  }
  const within = found.filter((f) => f.over <= 0.05).length;
  const proven = found.filter((f) => f.isProven).length;
  console.log(
    `${count} pieces${more ? ', cut right across' : ''}: first layout ${middle(first.map((f) => f.took)).toFixed(0)} ms and ${per(middle(first.map((f) => f.over)))} over, ` +
      `then at most ${per(Math.max(...found.map((f) => f.over)))} over, ${within} of 10 within 5 %, ${proven} proven, slowest ${(Math.max(...found.map((f) => f.took)) / 1000).toFixed(1)} s`,
  );
}
