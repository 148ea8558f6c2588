// Draws asks at random, to the ends of what each field may say, and prints what the worst of them took beside the median.
//
//   node tests/load/worst.mjs ADDRESS [COUNT]
//
// The figures of each field come from the program itself; the same count draws the same asks.
const [, , at, count = '10000'] = process.argv;

let seed = 1;
/** From 0 to 1: a linear congruence, so that two runs draw alike. */
const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
const below = (n) => Math.floor(random() * n);

const ring = (points, radius) =>
  Array.from({ length: points }, (_, i) => {
    const a = (2 * Math.PI * i) / points;
    return `${i ? 'L' : 'M'}${(1000 + radius(i) * Math.cos(a)).toFixed(2)} ${(1000 + radius(i) * Math.sin(a)).toFixed(2)}`;
  }).join('') + 'Z';
const outlines = [
  () => `M0 0${'h1v1000h1v-1000'.repeat(500)}v-1H0Z`,
  () => ring(2000, (i) => (i % 2 ? 700 : 1000)),
  () => ring(12, (i) => (i % 2 ? 40 : 60)),
  () =>
    'M0 0h2000v2000h-2000Z' +
    Array.from(
      { length: 400 },
      (_, i) => `M${100 * (i % 20) + 20} ${100 * Math.floor(i / 20) + 20}h60v60h-60Z`,
    ).join(''),
];

const lengths = ['0.5 mm', '2 mm', '1 cm', '10 cm', '1 m', '5 m'];
/** Mostly what the example says, sometimes an end of its range or another size. */
function value(field, example) {
  if (random() < 0.92) return example;
  switch (field.kind) {
    case 'length':
    case 'fine':
      return lengths[below(lengths.length)];
    case 'number':
      return random() < 0.5 ? field.least : field.most;
    case 'flag':
      return random() < 0.5;
    case 'choice':
      return field.choices[below(field.choices.length)].name;
    default:
      return field.name === 'outline' ? outlines[below(outlines.length)]() : example;
  }
}

const { paths } = await (await fetch(`${at}/openapi/v1.json`)).json();
const techniques = await (await fetch(`${at}/api/techniques`)).json();
const forms = await Promise.all(
  techniques.map(async ({ name }) => ({
    name,
    fields: (await (await fetch(`${at}/api/techniques/${name}`)).json()).fields,
    example: paths[`/api/reckon/${name}`].post.requestBody.content['application/json'].example,
  })),
);
const taken = [];
for (let i = 0; i < Number(count); i++) {
  const { name, fields, example } = forms[i % forms.length];
  const ask = Object.fromEntries(
    fields.map((f) => [f.name, value(f, example[f.name])]).filter(([, v]) => v !== undefined),
  );
  const began = performance.now();
  const answer = await fetch(`${at}/api/reckon/${name}?units=metric&with=working,drawings,steps`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(ask),
  });
  const bytes = (await answer.arrayBuffer()).byteLength;
  taken.push({ name, status: answer.status, ms: performance.now() - began, bytes });
}
const answered = taken.filter((t) => t.status === 200);
const by = (key) => [...answered].sort((a, b) => b[key] - a[key]);
const [slow, large] = [by('ms'), by('bytes')];
const middle = Math.floor(answered.length / 2);
const count_ = (status) => taken.filter((t) => t.status === status).length;
console.log(
  `${taken.length} asks: ${answered.length} answered, ${count_(400)} refused at a field, ${count_(422)} too much, ${taken.length - answered.length - count_(400) - count_(422)} otherwise`,
);
console.log(
  `slowest ${slow[0].name} ${(slow[0].ms / 1000).toFixed(2)} s, median ${slow[middle].ms.toFixed(1)} ms`,
);
console.log(
  `largest ${large[0].name} ${(large[0].bytes / 1e6).toFixed(2)} MB, median ${(large[middle].bytes / 1e3).toFixed(0)} kB`,
);
