/** An example of a body: the value itself, or where to get it from a running demo. */
export type ServiceExample = { readonly summary: string } & (
  { readonly value: unknown } | { readonly externalValue: string }
);

const demoCard: ServiceExample = {
  summary: 'A card of the demo',
  externalValue: '/api/cards/rain-day/card.nibwright.json',
};

/** A call of each service that can be tried as it stands, by subject. */
export const serviceExamples: Readonly<Record<string, Readonly<Record<string, ServiceExample>>>> = {
  resolve: { card: demoCard },
  supplies: {
    card: { ...demoCard, summary: 'A card of the demo, to be put under the key `file`' },
  },
  composition: { card: demoCard },
  lengths: {
    sums: {
      summary: 'What a person types, in both units and against the marks of a trimmer',
      value: { texts: ['4 1/4 - 2 x 1/16', '5 mm', '1/3 in'], leading: 'in' },
    },
  },
  cutting: {
    batch: {
      summary: 'Forty panels from letter sheets, in sixteenths of an inch',
      value: {
        unit: '1/16 in',
        sheet: { w: 136, h: 176 },
        pieces: [
          { id: 'panel', w: 66, h: 86, copies: 40 },
          { id: 'strip', w: 60, h: 16, copies: 40 },
        ],
      },
    },
    value: {
      summary: 'The items worth most from one sheet',
      value: {
        sheet: { w: 100, h: 60 },
        items: [
          { w: 30, h: 20, value: 7 },
          { w: 45, h: 25, value: 14, copies: 2 },
        ],
        rotation: true,
      },
    },
  },
  places: {
    sheet: {
      summary: 'The largest free places among two obstacles',
      value: {
        W: 120,
        H: 80,
        obstacles: [
          [10, 10, 60, 40],
          [70, 30, 110, 70],
        ],
        most: 3,
      },
    },
  },
  colour: {
    layers: {
      summary: 'A marker over a white undercoat on kraft',
      value: {
        stock: '#b58e63',
        layers: [
          { colour: '#fafafa', opacity: 0.8 },
          { colour: '#6fa8c6', opacity: 0.05 },
        ],
      },
    },
    blend: {
      summary: 'Two inks that meet in a blend',
      value: {
        between: [
          { colour: '#5f8fb8', opacity: 0.35 },
          { colour: '#f2b98a', opacity: 0.35 },
        ],
      },
    },
    family: {
      summary: 'The best three of some markers for a wanted colour',
      value: {
        markers: [
          { id: 'pale clay', colour: '#f0b48a' },
          { id: 'clay', colour: '#cd7a48' },
          { id: 'dark clay', colour: '#99502a' },
          { id: 'sky', colour: '#6fa8c6' },
        ],
        wanted: '#cd7a48',
        count: 3,
      },
    },
  },
  post: {
    stack: {
      summary: 'A panel on foam on a folded card, in millimetres, in an envelope',
      value: {
        unit: 'mm',
        face: { width: 108, height: 140 },
        caliper: 0.4,
        plates: [
          {
            id: 'mat',
            outline: [
              [
                [3, 3],
                [105, 3],
                [105, 137],
                [3, 137],
              ],
            ],
            caliper: 0.3,
            lift: 0.1,
            held: 'tape',
          },
          {
            id: 'panel',
            on: 'mat',
            outline: [
              [
                [6, 6],
                [102, 6],
                [102, 134],
                [6, 134],
              ],
            ],
            caliper: 0.3,
            lift: 1.5,
            held: 'foam',
          },
        ],
        grams: 14,
        envelope: { width: 162, height: 114, caliper: 0.12, grams: 4 },
        schemes: ['us', 'germany'],
      },
    },
  },
  steps: { card: demoCard },
  schedule: {
    evenings: {
      summary: 'A panel that dries overnight, in two evenings of two hours, in minutes',
      value: {
        activities: [
          { id: 'blend', duration: 10, needs: [{ resource: 'hands' }] },
          { id: 'words', duration: 5, needs: [{ resource: 'hands' }] },
          {
            id: 'glue',
            duration: 8,
            needs: [{ resource: 'hands' }],
            after: [{ activity: 'blend', least: 240 }, { activity: 'words' }],
          },
        ],
        resources: [
          {
            id: 'hands',
            open: [
              { from: 0, to: 120 },
              { from: 1440, to: 1560 },
            ],
          },
        ],
      },
    },
    flowShop: {
      summary: 'Three jobs on two machines that take them in one order',
      value: {
        activities: [
          { id: 'a1', job: 'a', duration: 3, needs: [{ resource: 'one' }] },
          {
            id: 'a2',
            job: 'a',
            duration: 2,
            needs: [{ resource: 'two' }],
            after: [{ activity: 'a1' }],
          },
          { id: 'b1', job: 'b', duration: 1, needs: [{ resource: 'one' }] },
          {
            id: 'b2',
            job: 'b',
            duration: 4,
            needs: [{ resource: 'two' }],
            after: [{ activity: 'b1' }],
          },
          { id: 'c1', job: 'c', duration: 2, needs: [{ resource: 'one' }] },
          {
            id: 'c2',
            job: 'c',
            duration: 2,
            needs: [{ resource: 'two' }],
            after: [{ activity: 'c1' }],
          },
        ],
        resources: [{ id: 'one' }, { id: 'two' }],
        sameOrder: [['one', 'two']],
      },
    },
  },
  masking: {
    shapes: {
      summary: 'A bean row before a shed and a barrow, in millimetres from front to back',
      value: {
        unit: 'mm',
        shapes: [
          {
            id: 'beans',
            outline: [
              [
                [0, 20],
                [80, 20],
                [80, 40],
                [0, 40],
              ],
            ],
          },
          {
            id: 'barrow',
            outline: [
              [
                [5, 25],
                [25, 25],
                [25, 45],
                [5, 45],
              ],
            ],
          },
          {
            id: 'shed',
            outline: [
              [
                [30, 0],
                [60, 0],
                [60, 35],
                [30, 35],
              ],
            ],
          },
        ],
        moves: { mark: 1, most: 12 },
      },
    },
  },
};
