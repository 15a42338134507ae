import { centred } from '../../src/core/plan/pieces';
import { overWhiteLayers } from './palette';
import {
  arrangement,
  at,
  blend,
  dieCut,
  drawn,
  drop,
  edges,
  embossed,
  gem,
  image,
  inkOf,
  panel,
  ribbon,
  roundPrint,
  scatter,
  splatter,
  stencilling,
  words,
  type Compose,
  typed,
} from './lay';

/** What lies on each card of the demo. */
export const compositions: Readonly<Record<string, Compose>> = {
  'bean-poles': () => [
    blend('row', 'top-panel', 'Row', [
      ['Barley', 45, 92],
      ['Moss', 74, 100],
    ]),
    image('wigwam', 'top-panel', 'bean-wigwam', at('c', 't 5/16')),
    image('greeting', 'top-panel', 'grown-with-love', at('c', 'b 5/16')),
    gem('gem-1', 'top-panel', at('l 5/16', 'b 1 1/8'), 'Red gems 3 mm'),
    gem('gem-2', 'top-panel', at('r 5/16', 'b 1 3/8'), 'Red gems 3 mm', '3/32'),
    gem('gem-3', 'top-panel', at('r 1/2', 'b 1'), 'Red gems 3 mm', '1/16'),
  ],
  'rain-day': () => [
    panel('sky', 'top-panel', 'Sky', { by: 'reveal', all: typed('1/4') }, 'sluice-216'),
    image('cloud-1', 'sky', 'cloud', at('l 21/32', 't 7/16'), ['in White wash']),
    image('cloud-2', 'sky', 'cloud', at('r 25/32', 't 9/16')),
    dieCut('far-hill', 'sky', 'Far hill', 'dunes', 'lovage-216', at('c', 'b 1/2'), {
      attach: 'tape',
      isMirrored: true,
      overhang: 'with-support',
    }),
    dieCut('hill', 'sky', 'Near hill', 'hills', 'marrow-270', at('c', 'b 0'), {
      attach: 'tape',
      overhang: 'with-support',
    }),
    dieCut('shed-cut', 'sky', 'Shed', 'shed-die', 'chalk-216', at('r 23/32', 'b 15/32'), {
      attach: 'thin-foam',
    }),
    image('shed', 'shed-cut', 'shed', at('c', 'b 1/16')),
    dieCut('wren-cut', 'sky', 'Wren', 'wren-die', 'chalk-216', at('l 3/4', 'b 7/16'), {
      attach: 'thin-foam',
    }),
    image('wren', 'wren-cut', 'wren', at('l 1/16', 'b 1/16')),
    dieCut('frame', 'top-panel', 'Window frame', 'frames', 'chalk-216', centred, {
      attach: 'foam',
      step: 1,
      turned: true,
    }),
    words('greeting', 'frame', ['a good day for the garden'], at('c', 'b 1/8'), '1/8', 'hand'),
  ],
  'number-nine': (file) => {
    const laid = [
      image('tram', 'night-lines-paper', 'tram', at('c', 'b 13/32'), overWhiteLayers('tram')),
      image('moon', 'night-lines-paper', 'moon', at('r 11/32', 't 1/2')),
      image(
        'lamp',
        'night-lines-paper',
        'lamp',
        at('r 37/64', 'b 2 5/32'),
        overWhiteLayers('lamp'),
      ),
      words(
        'list',
        'lamp-strip',
        ['one', 'more', 'stop,', 'and', 'then', 'the', 'cake'],
        centred,
        '1/8',
        'clarendon',
        inkOf('Umber row'),
      ),
      words(
        'route',
        'route-banner',
        ['to the depot'],
        centred,
        '1/8',
        'clarendon',
        inkOf('Umber row'),
      ),
    ];
    return [
      ...laid,
      ...scatter(file, laid, 'night-lines-paper', {
        counts: [7, 13, 31],
        denserAt: 'top',
        look: 'splatter',
        ink: 'White wash',
        seed: 9,
      }),
    ];
  },
  'one-button': (file) => {
    const middle = [image('greeting', 'front', 'with-all-my-buttons', at('c', 'b 7/8'))];
    return [
      ...middle,
      ...arrangement(
        file,
        middle,
        'greeting',
        [
          ['button-four', 1],
          ['button-two', 4],
        ],
        'hanging',
        3,
        true,
      ),
    ];
  },
  'last-tram-home': (file) => {
    const laid = [
      image('houses', 'night-panel', 'houses', at('r 13/32', 'b 17/32')),
      image('tram', 'night-panel', 'tram', at('l 3/4', 'b 5/32'), overWhiteLayers('tram')),
      image('lamp', 'night-panel', 'lamp', at('c', 'b 5/32'), overWhiteLayers('lamp')),
      image('moon', 'night-panel', 'moon', at('l 13/32', 't 1/4')),
      image('greeting', 'night-panel', 'safe-home', at('r 5/8', 't 3/8'), ['in Lamplight']),
    ];
    return [
      ...laid,
      ...scatter(file, laid, 'night-panel', {
        counts: [5, 9, 21],
        denserAt: 'top',
        look: 'splatter',
        ink: 'White wash',
        seed: 4,
      }),
    ];
  },
  'lighthouse-keeper': () => [
    blend('dawn', 'cove-panel', 'Dawn', [
      ['Fjord', 0, 40],
      ['Heather', 26, 58],
      ['Shell pink', 46, 76],
      ['Apricot', 66, 100],
    ]),
    image('waves', 'cove-panel', 'waves', at('c', 'b 13/32')),
    image('gull-1', 'cove-panel', 'gull', at('r 17/32', 't 7/16', -8)),
    dieCut('tower', 'cove-panel', 'Tower', 'lighthouse-die', 'chalk-216', at('l 3/8', 'b 1/2'), {
      attach: 'foam',
    }),
    image('lighthouse', 'tower', 'lighthouse', at('c', 'b 1/16')),
    words('greeting', 'beam', ['the light stays on'], at('r 3/8', 'c'), '1/8', 'hand'),
    panel(
      'gull-cut',
      'cove-panel',
      'Gull',
      roundPrint('gull'),
      'sailcloth-300',
      at('r 31/32', 'b 1 15/32', 6),
      {
        zones: [{ where: { at: 'all' }, over: null, attach: 'none' }],
        motion: { kind: 'wobbler', spring: typed('3/16') },
      },
    ),
    image('gull-2', 'gull-cut', 'gull', centred),
    edges('edges', 'beam', 'Marigold', '1/8'),
  ],
  'jar-of-buttons': () => [
    image('jar', 'jar-panel', 'jar', at('c', 't 15/32')),
    image('greeting', 'jar-panel', 'thank-you', at('c', 'b 1/4')),
    image('spool', 'jar-panel', 'spool', at('r 9/32', 'b 31/32', 12)),
    gem('gem-1', 'jar-panel', at('l 1/2', 't 1'), 'Red gems 3 mm'),
    gem('gem-2', 'jar-panel', at('l 5/8', 't 1 5/16'), 'Red gems 3 mm', '3/32'),
    gem('gem-3', 'jar-panel', at('r 5/8', 't 7/8'), 'Red gems 3 mm', '3/32'),
  ],
  'pantry-shelf': () => [
    drawn(
      'shelf',
      'shelf-panel',
      'Shelf',
      ['8', '1/16'],
      'M0 500H1000',
      at('c', 'b 3/8'),
      'Umber row',
      '1/32',
    ),
    // Each stands before the next: one mask covers them one after the other.
    image('jar-4', 'shelf-panel', 'jar', at('l 3 9/16', 'b 3/8')),
    image('jar-3', 'shelf-panel', 'jar', at('l 2 1/2', 'b 3/8')),
    image('jar-2', 'shelf-panel', 'jar', at('l 1 7/16', 'b 3/8')),
    image('jar-1', 'shelf-panel', 'jar', at('l 3/8', 'b 3/8')),
    image('greeting', 'shelf-panel', 'thank-you', at('r 3/4', 't 1 1/4')),
  ],
  'mooring-by-lamplight': () => [
    blend('dusk', 'water-panel', 'Dusk', [
      ['Dusk', 0, 46],
      ['Pond', 34, 100],
    ]),
    image('boat', 'water-panel', 'boat', at('c', 'b 3/8')),
    words(
      'greeting',
      'water-panel',
      ['still my safe harbour'],
      at('r 1/2', 't 1/2'),
      '3/16',
      'hand',
      embossed('Clear sticky', 'Brass dust'),
    ),
    dieCut('tower', 'water-panel', 'Tower', 'lighthouse-die', 'chalk-216', at('l 1/2', 'b 1/4'), {
      attach: 'foam',
    }),
    image('lighthouse', 'tower', 'lighthouse', at('c', 'b 1/16')),
    ...['r 3 1/4', 'r 2 1/8', 'r 1'].map((across, index) =>
      drop(`drop-${index + 1}`, 'water-panel', at(across, 'b 1/4'), 'Clear drops 4 mm', '5/32'),
    ),
  ],
  'marrow-prize': () => [
    image('marrow', 'top-panel', 'marrow', at('c', 'b 47.5 mm')),
    words(
      'greeting',
      'top-panel',
      ['first prize'],
      at('c', 'b 5/8'),
      '3/16',
      'hand',
      embossed('Clear sticky', 'Brass dust'),
    ),
    dieCut('leaf', 'top-panel', 'Fern', 'fern', 'marrow-270', at('r 7.5 mm', 't 6.5 mm', 18), {
      attach: 'liquid',
      step: 1,
    }),
    dieCut('leaf-2', 'top-panel', 'Fern', 'fern', 'marrow-270', at('l 7.5 mm', 't 6.5 mm', -18), {
      attach: 'liquid',
      step: 1,
    }),
  ],
  'shed-door': () => [
    image('shed', 'top-panel', 'shed', at('c', 'b 26.5 mm')),
    image('sunflower', 'top-panel', 'sunflower', at('r 3.5 mm', 'b 21 mm')),
    image('wren', 'top-panel', 'wren', at('l 6.5 mm', 't 10 mm')),
    words('greeting', 'top-panel', ['a place of your own'], at('c', 'b 3/8'), '1/8', 'hand'),
  ],
  'beans-before-the-shed': () => [
    { ...blend('sky', 'garden-panel', 'Sky', [['Sea mist', 0, 62]]), margin: typed('4 mm') },
    image('shed', 'garden-panel', 'shed', at('c', 'b 12 mm')),
    image('barrow-left', 'garden-panel', 'barrow', at('l 8 mm', 'b 9 mm')),
    image('barrow-right', 'garden-panel', 'barrow', at('r 2 mm', 'b 11 mm')),
    image('beans', 'garden-panel', 'bean-row', at('c', 'b 5 mm')),
    words('greeting', 'garden-panel', ['what the garden said'], at('c', 't 6 mm'), '1/8', 'hand'),
  ],
  'hillside-beds': () => [
    blend('sky', 'hill-panel', 'Sky', [
      ['Sea mist', 0, 26],
      ['Apricot', 14, 44],
    ]),
    blend('sun', 'hill-panel', 'Sun', [['Lamplight', 0, 100]]),
    blend('far-hill', 'hill-panel', 'Far hill', [['Rain cloud', 24, 62]]),
    blend('bean-bed', 'hill-panel', 'Bean bed', [
      ['Barley', 40, 70],
      ['Moss', 48, 78],
    ]),
    blend('leek-bed', 'hill-panel', 'Leek bed', [
      ['Barley', 58, 82],
      ['Olive row', 62, 92],
    ]),
    blend('path', 'hill-panel', 'Near bed', [
      ['Marigold', 74, 96],
      ['Umber row', 82, 100],
    ]),
    stencilling('rows', 'hill-panel', 'seed-bed', ['140 mm', '21 mm'], at('c', 'b 1 mm'), [
      'Umber row',
    ]),
    image('scarecrow', 'hill-panel', 'scarecrow', at('l 26 mm', 'b 20 mm')),
    words('greeting', 'hill-panel', ['keep an eye on it'], at('c', 't 8 mm'), '3/16', 'hand'),
  ],
  'harbour-gate': () => [
    stencilling('rain', 'boat-panel', 'drizzle', null, centred, ['Sea mist']),
    image('boat', 'boat-panel', 'boat', at('c', 'b 5/32')),
    ribbon('twine', 'front', 'Twine', 'Bakers twine', at('c', 'b 7/8'), {
      width: typed('1 mm'),
      way: 'round',
      fixing: 'tied',
      bow: {
        look: 'bow',
        at: typed('2 1/8'),
        across: typed('1 1/4'),
        takes: typed('10 cm'),
        tail: typed('7/8'),
      },
    }),
  ],
  'parcel-on-the-step': () => [
    image('spool', 'step-panel', 'spool', at('c', 't 3/8', -12)),
    image('greeting', 'step-panel', 'thank-you', at('c', 'b 3/8')),
    ribbon('ribbon', 'front', 'Ribbon', 'Damson ribbon', at('c', 't 2 1/2'), {
      way: 'round',
      fixing: 'tied',
      bow: {
        look: 'bow',
        at: typed('1 1/2'),
        across: typed('1 1/8'),
        takes: typed('4 1/2'),
        tail: typed('7/8'),
      },
    }),
  ],
  'row-markers': () => [
    ribbon('ribbon', 'mat', 'Ribbon', 'Oat twill ribbon', at('c', 'b 2 3/16'), {
      tuck: typed('3/4'),
    }),
    image('carrot', 'marker-panel', 'carrot', at('c', 't 3/8')),
    image('hips', 'marker-panel', 'small-leaf', at('l 17/32', 'b 1 13/32', -20)),
    image('leaf', 'marker-panel', 'small-leaf', at('r 17/32', 'b 1 13/32', 20)),
    words(
      'greeting',
      'marker-panel',
      ['here be', 'carrots'],
      at('c', 'b 1/2'),
      '3/16',
      'hand',
      embossed('Clear sticky', 'Copper dust'),
    ),
  ],
  terminus: (file) => {
    const laid = [
      image('houses', 'skyline-panel', 'houses', at('l 9/32', 'b 17/32')),
      image('houses-2', 'skyline-panel', 'houses', at('r 9/32', 'b 17/32')),
      image('tram', 'skyline-panel', 'tram', at('c', 'b 5/32'), overWhiteLayers('tram')),
      image('moon', 'skyline-panel', 'moon', at('r 25/32', 't 1/2')),
    ];
    return [
      ...laid,
      image('greeting', 'word-strip', 'safe-home', centred),
      ...scatter(file, laid, 'skyline-panel', {
        counts: [5, 11, 21],
        denserAt: 'top',
        look: 'splatter',
        ink: 'White wash',
        seed: 2,
      }),
    ];
  },
  'low-water': () => [
    stencilling('sea', 'shore-panel', 'wavelets', ['158 mm', '49 mm'], at('c', 'b 0'), [
      'Sea mist',
    ]),
    drawn(
      'horizon',
      'shore-panel',
      'Horizon',
      ['5', '1/16'],
      'M0 500H1000',
      at('c', 'third 1'),
      'Lagoon 2',
      '1/64',
    ),
    splatter('spray', 'shore-panel', 'White wash', 60, '2 mm', 11),
    image('waves', 'shore-panel', 'waves', at('c', 'b 40 mm')),
    image('shell', 'shore-panel', 'shell', at('l 16.5 mm', 'b 10.5 mm', -10)),
    image('herring', 'shore-panel', 'fish', at('r 19.5 mm', 'b 17 mm', -6)),
    image('gull', 'shore-panel', 'gull', at('r 26.5 mm', 't 11.5 mm')),
  ],
  depot: (file) => {
    const laid = [
      image('tram', 'dusk-panel', 'tram', at('c', 'b 17 mm'), overWhiteLayers('tram')),
      image('greeting', 'dusk-panel', 'thank-you', at('c', 't 1 3/4'), ['in Lamplight']),
      image('lamp', 'dusk-panel', 'lamp', at('r 11.5 mm', 'b 61 mm'), overWhiteLayers('lamp')),
      image('moon', 'dusk-panel', 'moon', at('l 10.5 mm', 't 9.5 mm')),
    ];
    return [
      ...laid,
      ...scatter(file, laid, 'dusk-panel', {
        counts: [3, 7, 15],
        denserAt: 'top',
        look: 'splatter',
        ink: 'White wash',
        seed: 5,
      }),
    ];
  },
};
