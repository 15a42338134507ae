import type { FindingData } from '../../src/core/findings/finding';
import { inches, lengthFromTicks, type Length, type Unit } from '../../src/core/length/length';
import { sides } from '../../src/core/plan/faces';
import type { PieceId } from '../../src/core/plan/ids';
import type { RuleId } from '../../src/core/plan/rules';
import { judgeMail, type MailPiece } from '../../src/core/post/mail/judge';
import { mailSchemes } from '../../src/core/post/mail/mailSchemes';

export const units: readonly Unit[] = ['in', 'mm'];
/** Nothing, less than a ruler shows, an everyday figure, and a metre. */
export const lengths = [0, 7, inches(0, 1, 8), inches(39, 3, 8)].map(lengthFromTicks);
const signed = [...lengths, lengthFromTicks(-inches(0, 1, 8)), lengthFromTicks(-7)];
const [none = lengthFromTicks(0)] = lengths;
const even = { left: none, top: none, right: none, bottom: none };
export const revealsOf = (length: Length) => [
  { left: length, top: length, right: length, bottom: length },
  { ...even, left: length, right: length },
  { ...even, left: length },
];
/** A piece is never less than a ruler shows. */
export const sizes = [inches(0, 1, 16), inches(4, 1, 8), inches(39, 3, 8)].map((width) => ({
  width,
  height: width,
}));
export const longName = 'Round frame with the longest name a piece of this card may have';
const counts = [1, 2, 31];

const perLength = <Data>(make: (length: Length) => Data) => signed.map(make);

/** Pieces of mail beyond most limits: large, heavy and thick; small; square. */
const heavyPieces: readonly MailPiece[] = [
  { width: inches(40), height: inches(30), thickness: inches(8), grams: 3000 },
  { width: inches(2), height: inches(1), thickness: lengthFromTicks(1), grams: 2 },
  { width: inches(5), height: inches(5), thickness: inches(0, 1, 8), grams: 20.2 },
].map((each) => ({ ...each, uneven: inches(0, 1, 4), unevenBy: inches(0, 1, 16) }));

/** What each rule may find, with nothing, one, many, and figures that no ruler shows. */
export const everyFinding: {
  readonly [Rule in RuleId]: readonly Extract<FindingData, { rule: Rule }>[];
} = {
  'impossible-piece': (
    [
      { code: 'circle' },
      { code: 'nothing-under' },
      { code: 'nothing-inside' },
      { code: 'no-face', face: 'inside-front' },
      { code: 'no-die' },
      { code: 'no-stamp' },
      { code: 'no-stencil' },
      { code: 'nothing-shown' },
      { code: 'no-neighbour' },
      { code: 'below', support: 'a' as PieceId },
      ...signed
        .filter((each) => each <= 0)
        .map((width) => ({ code: 'no-size', width, height: width, support: 'base' }) as const),
    ] as const
  ).map((reason) => ({ rule: 'impossible-piece', reason })),
  'missing-stock': [{ rule: 'missing-stock', libraryId: 'moss' }],
  'larger-than-support': perLength((by) => ({
    rule: 'larger-than-support',
    supportLetter: 'A',
    over: sides.map((side) => ({ side, by })),
  })),
  'sheet-too-small': sizes.map((size) => ({
    rule: 'sheet-too-small',
    size,
    stock: 'Moss 216 g',
    sheets: ['letter', '12x12'],
    join: { axis: 'x', at: size.width, under: 'Mat', seen: size.width },
    other: size.width > 0 ? 'Chalk 216 g' : undefined,
  })),
  'cut-out': perLength((rim) => ({
    rule: 'cut-out',
    reason: rim > 0 ? 'rim-takes-all' : 'nothing-on-it',
    rim,
  })),
  'liner-at-score': perLength((length) => ({
    rule: 'liner-at-score',
    side: 'left',
    reveal: length,
    elsewhere: length,
  })),
  'unequal-borders': signed.flatMap((length) =>
    revealsOf(length).map((reveals) => ({
      rule: 'unequal-borders' as const,
      supportLetter: 'A',
      reveals,
    })),
  ),
  'thin-reveal': perLength((length) => ({
    rule: 'thin-reveal',
    supportLetter: 'A',
    sides,
    reveal: length,
    minimum: length,
  })),
  'hidden-layer': [{ rule: 'hidden-layer' }],
  overhang: perLength((by) => ({ rule: 'overhang', side: 'top', by })),
  'off-paper': counts.flatMap((count) =>
    [true, false].flatMap((isWhole) =>
      perLength((by) => ({
        rule: 'off-paper' as const,
        supportLetter: 'A',
        by,
        isWhole,
        others: count - 1,
      })),
    ),
  ),
  'same-place': [{ rule: 'same-place' }],
  'window-uncovered': perLength((reach) => ({
    rule: 'window-uncovered',
    by: 'Sky',
    side: 'left',
    reach,
    overlap: inches(0, 1, 4),
  })),
  'image-short': perLength((gap) => ({ rule: 'image-short', gap })),
  'short-end': perLength((reach) => ({
    rule: 'short-end',
    side: 'left',
    reach,
    overlap: inches(0, 1, 4),
  })),
  'two-heights': perLength((height) => ({ rule: 'two-heights', height })),
  'foam-wide': perLength((length) => ({ rule: 'foam-wide', rim: length, foam: length })),
  'foam-short': perLength((gap) => ({ rule: 'foam-short', gap, short: 1, pads: 31 })),
  'not-held': [{ rule: 'not-held' }],
  'sticky-insert': [{ rule: 'sticky-insert' }],
  'foam-sags': perLength((free) => ({ rule: 'foam-sags', free })),
  'pale-foam': [sides, sides.slice(0, 2), sides.slice(0, 1)].map((some) => ({
    rule: 'pale-foam',
    sides: some,
    from: 37,
  })),
  'glue-buckles': [{ rule: 'glue-buckles', share: 0.416, weight: 100 }],
  warped: [{ rule: 'warped' }],
  blocked: (['flap', 'slider', 'wobbler'] as const).flatMap((motion) =>
    (
      [
        { kind: 'held', by: 'Hill', id: 'hill' as PieceId },
        { kind: 'in-the-way', by: 'Hill', id: 'hill' as PieceId },
        { kind: 'spring-seen' },
      ] as const
    ).map((issue) => ({ rule: 'blocked' as const, motion, issue })),
  ),
  'too-large': sizes.flatMap((size) => [
    { rule: 'too-large' as const, tool: 'press' as const, size, most: size.width },
    { rule: 'too-large' as const, tool: 'platform' as const, size, most: size },
  ]),
  'no-die': [undefined, 'Die for round frame'].map((die) => ({
    rule: 'no-die',
    stamp: 'Round frame',
    die,
  })),
  'stencil-short': (['single', 'long-repeat', 'too-many'] as const).map((reason) => ({
    rule: 'stencil-short',
    reason,
  })),
  'words-covered': (['thing', 'image', 'printed-paper', 'pattern'] as const).map((by) => ({
    rule: 'words-covered',
    by,
  })),
  'lost-on-ground': [true, false].map((isWords) => ({
    rule: 'lost-on-ground',
    difference: 1,
    isWords,
  })),
  'ink-unfit': (['alcohol', 'water'] as const).map((solvent) => ({
    rule: 'ink-unfit',
    ink: 'Soot',
    solvent,
  })),
  'muddy-blend': [{ rule: 'muddy-blend', one: 'Fjord', two: 'Apricot', loss: 0.613 }],
  'colour-gap': [{ rule: 'colour-gap', name: 'Hull', from: 78, to: 38 }],
  uncoloured: ['sail', 'sail and jib'].map((parts) => ({ rule: 'uncoloured', parts })),
  'hard-to-read': [{ rule: 'hard-to-read', worst: 2.31, average: 4.02 }],
  'medium-unfit': [
    { rule: 'medium-unfit', why: 'surface', name: 'Soot', on: 'foil' },
    { rule: 'medium-unfit', why: 'pen-on-chalk', name: 'White gel pen', on: 'Fjord' },
    ...(['light-on-dark', 'no-undercoat', 'shimmer-on-pen'] as const).map((why) => ({
      rule: 'medium-unfit' as const,
      why,
      name: 'Sea mist',
    })),
  ],
  'fast-ink-powder': [{ rule: 'fast-ink-powder', ink: 'Soot', powder: 'Brass dust' }],
  'fine-on-chalk': [{ rule: 'fine-on-chalk', ink: 'Grey dove', ground: 'Fjord' }],
  'words-near-edge': [true, false].flatMap((isTooShort) =>
    perLength((least) => ({
      rule: 'words-near-edge' as const,
      supportLetter: 'A',
      sides: least > 0 ? sides : (['left'] as const),
      least,
      margin: inches(0, 1, 8),
      isTooShort,
    })),
  ),
  'word-slope': [1, 12.5].map((degrees) => ({ rule: 'word-slope', degrees })),
  'off-centre': perLength((by) => ({ rule: 'off-centre', axis: by > 0 ? 'x' : 'y', by })),
  'off-trimmer-marks': sizes.map((size) => ({
    rule: 'off-trimmer-marks',
    size,
    off: size.width > 0 ? ['width', 'height'] : ['width'],
    marks: [inches(0, 1, 16)],
  })),
  'sale-ends': [{ rule: 'sale-ends', until: '2027-03-01', publishOn: '2027-03-12' }],
  'near-colours': [{ rule: 'near-colours', supportLetter: 'A', difference: 1 }],
  'easier-figures': counts.flatMap((count) =>
    units.map((unit) => ({
      rule: 'easier-figures' as const,
      unit,
      sizes: Array.from({ length: count }, () => ({
        id: 'a' as PieceId,
        letter: 'B',
        name: longName,
        before: sizes[2] ?? { width: none, height: none },
        after: sizes[3] ?? { width: none, height: none },
        revealsBefore: even,
        revealsAfter: even,
      })),
    })),
  ),
  'newer-version': counts.flatMap((count) =>
    [true, false].map((isTrimmed) => ({
      rule: 'newer-version' as const,
      version: 2,
      others: count - 1,
      isTrimmed,
    })),
  ),
  'short-supply': counts.flatMap((count) =>
    (['sheet', 'piece', 'm', 'ml', 'use'] as const).map((unit) => ({
      rule: 'short-supply' as const,
      batch: count,
      lacking: count,
      unit,
      sheet: unit === 'sheet' ? ('12x12' as const) : undefined,
    })),
  ),
  'order-circle': [{ rule: 'order-circle', names: ['Shed', 'Barrow', longName] }],
  'against-kind': (['under-dark', 'under-opaque', 'pale-late', 'before-background'] as const).map(
    (because) => ({ rule: 'against-kind', because, isEarly: true, other: longName }),
  ),
  'prints-cross': [1, 406_400 ** 2].map((area) => ({
    rule: 'prints-cross',
    other: 'Shed',
    area,
  })),
  'words-masked': [{ rule: 'words-masked', other: 'Shed' }],
  'mask-halo': [0, 3000].map((inset) => ({ rule: 'mask-halo', inset: lengthFromTicks(inset) })),
  'strips-bare': [
    {
      rule: 'strips-bare',
      why: 'bare',
      scene: longName,
      strips: [
        { id: 'top', at: 0 },
        { id: 'hill', at: 2 },
      ],
    },
    { rule: 'strips-bare', why: 'lost', scene: longName, strips: [] },
  ],
  'strips-together': [
    {
      rule: 'strips-together',
      scene: longName,
      strips: [
        { id: 'top', at: 0 },
        { id: 'hill', at: 1 },
      ],
    },
  ],
  'mask-on-wet': [{ rule: 'mask-on-wet', ink: longName, mask: 'A' }],
  'ground-over-image': [{ rule: 'ground-over-image', ground: 'Mist' }],
  'small-parts': ['gem', 'spring'].map((part) => ({ rule: 'small-parts', part })),
  'over-class': mailSchemes.flatMap((scheme) =>
    heavyPieces.flatMap((piece) =>
      judgeMail(scheme, piece)
        .classes.filter(({ stands }) => stands === 'beyond')
        .map((judged) => ({ rule: 'over-class' as const, scheme: scheme.name, class: judged })),
    ),
  ),
  'envelope-small': [undefined, 'A2 envelope', longName].flatMap((name) =>
    sizes.map((wanted) => ({
      rule: 'envelope-small' as const,
      name,
      long: inches(0, 1, 8),
      short: inches(0),
      wanted,
    })),
  ),
  'square-post': [{ rule: 'square-post', ratio: 1 }],
  crushed: (['bow', 'spring'] as const).map((what) => ({ rule: 'crushed', what })),
  'order-broken': (['melted-first', 'decorated-first'] as const).map((because) => ({
    rule: 'order-broken',
    after: `Blend ${longName}`,
    because,
  })),
  'orders-contradict': [{ rule: 'orders-contradict', steps: ['Stamp Shed', 'Colour Shed'] }],
  'step-left-out': (['anti-static', 'wipe', 'mask', 'fold'] as const).map((step) => ({
    rule: 'step-left-out',
    step,
  })),
  'override-lost': (['add', 'skip', 'before'] as const).map((decided) => ({
    rule: 'override-lost',
    decided,
    step: 'stamp:shed:dye',
  })),
  'evening-short': [0, 120].map((longest) => ({ rule: 'evening-short', minutes: 130.5, longest })),
  'date-missed': (['film', 'publish'] as const).flatMap((what) =>
    [1, 95].map((short) => ({ rule: 'date-missed' as const, what, day: '2027-03-09', short })),
  ),
  'even-number': [2, 30].map((count) => ({ rule: 'even-number', count, face: 'front' })),
};
