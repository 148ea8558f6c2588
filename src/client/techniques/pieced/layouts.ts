/** A group of fields that is folded to a line; its fields in the order they are asked. */
export type Group = { title: string; fields: string[] };

/** How the fields of a technique lie on the screen, by their names in the API. */
export type Layout = {
  /** What is said first: the piece itself. */
  piece: string[];
  /** What is set on the machine. */
  machine: string[];
  /** What is seldom said. */
  groups: Group[];
  /** The field that a new ask still misses, and the question for it. */
  first: { field: string; question: string; says: string };
  /** What the reading after sewing is called. */
  sewn: string;
  /** What the swatch is made to. */
  makes: string;
  /** Another figure of the same thing, of which only one is said. */
  either?: [string, string];
  /** Forms that turn the question round: what each takes, and what it gives. */
  turned: { form: string; needs: string; gives: string; says: string; sets?: string }[];
};

const strip = ['finishedEdge', 'finishedDepth', 'seamAllowance', 'hemAllowance'];
const kindOfStrip = ['closed', 'doubled'];

const stripGroups: Group[] = [
  {
    title: 'Cloth',
    fields: ['clothWidth', 'clothAtHand', 'clothWeight', 'clothThickness', 'cut', 'layers'],
  },
  {
    title: 'Joining and allowances',
    fields: ['joinFlat', 'trimAllowance', 'joinAllowance', 'endAllowance', 'plainThickness', 'tail'],
  },
];

const edge = {
  field: 'finishedEdge',
  question: 'How long is the edge?',
  says: 'Measure the edge that it is sewn to, and type it as you would say it. What to cut stands here at once, and how sure that is.',
};

const gathers = {
  piece: strip,
  groups: [
    ...stripGroups,
    { title: 'A fullness you want', fields: ['targetFullness', 'minStitchLength', 'maxStitchLength'] },
  ],
  first: edge,
  sewn: 'Gathered',
  makes: 'It will likely become',
  turned: [
    { form: 'assurance-from-cloth', needs: 'clothAtHand', gives: 'assuranceSays', says: 'this edge, with' },
    {
      form: 'edge-from-cloth',
      needs: 'clothAtHand',
      gives: 'longestEdge',
      says: 'or, as sure as asked, an edge of',
      sets: 'finishedEdge',
    },
  ],
} satisfies Partial<Layout>;

/** The techniques whose answer is a list of pieces: one each. */
export const layouts: Record<string, Layout> = {
  'gathering-foot': { ...gathers, machine: [...kindOfStrip, 'stitchLength', 'tensionSteps', 'passes'] },
  'overlock-gathers': {
    ...gathers,
    machine: [...kindOfStrip, 'stitchLength', 'tensionSteps', 'differential', 'passes'],
  },
  'tucked-ruffle': {
    piece: strip,
    machine: [...kindOfStrip, 'stitchesPerTuck', 'stitchLength', 'fullness', 'tuckDepth', 'maxTuckDepth'],
    groups: stripGroups.map((g) => ({
      ...g,
      fields: g.fields.filter((f) => f !== 'layers' && f !== 'joinFlat'),
    })),
    first: edge,
    sewn: 'Folded',
    makes: 'Fold it up to',
    either: ['fullness', 'tuckDepth'],
    turned: [
      {
        form: 'fullness-from-cloth',
        needs: 'clothAtHand',
        gives: 'fullness',
        says: 'a fullness of',
        sets: 'fullness',
      },
    ],
  },
  shirring: {
    piece: [
      'relaxedWidth',
      'fullness',
      'panelHeight',
      'topMargin',
      'bottomMargin',
      'rowGap',
      'seamAllowance',
      'stitchLength',
      'tensionSteps',
      'elasticDiameter',
    ],
    machine: ['layout', 'stitch'],
    groups: [
      { title: 'The body', fields: ['bodyMeasure', 'mustPassOver'] },
      { title: 'Elastic', fields: ['elasticFactor', 'bobbinCapacity', 'tail'] },
      { title: 'Cloth', fields: ['clothWeight', 'clothThickness', 'clothWidth'] },
      { title: 'The machine’s stitch', fields: ['minStitchLength', 'maxStitchLength'] },
    ],
    first: {
      field: 'relaxedWidth',
      question: 'How wide is the panel at rest?',
      says: 'Measure where it sits and take a little off: nine tenths of the body measure is usual. Then say how high it is.',
    },
    sewn: 'Drawn up',
    makes: 'It will likely become',
    turned: [],
  },
};
