import { asTyped } from '../length/typedLength';
import { parseLength } from '../length/parseLength';
import { writeExact, writeSizeExact } from '../length/writeExact';
import { gramsOfPounds, weightBases, type WeightBasis } from '../paper/paperWeight';
import { adhesiveIds } from '../paper/adhesives';
import { sheetIds, type SheetId } from '../paper/sheets';
import {
  dieKinds,
  embellishmentKinds,
  inkKinds,
  mediumKinds,
  paperKinds,
  powderKinds,
  solvents,
  stampKinds,
  toolKinds,
} from '../plan/items/kinds';
import type { ItemKind } from '../plan/libraryItem';
import {
  change,
  choiceField,
  colourField,
  lengthField,
  nameField,
  readSize,
  refuse,
  saleField,
  type FieldWritten,
  type ItemField,
} from './itemField';

/** Weight as the label says it: grams per square metre, or pounds with their basis. */
const weightField: ItemField = {
  key: 'weight',
  label: 'Weight',
  entry: 'text',
  choices: [],
  isOptional: false,
  read: (item) => {
    if (item.kind === 'envelope') return `${item.gramsPerSquareMetre} g`;
    if (item.kind !== 'stock') return '';
    const { pounds, gramsPerSquareMetre } = item;
    return pounds ? `${pounds.weight} lb ${pounds.basis}` : `${gramsPerSquareMetre} g`;
  },
  write: (text) => {
    const wanted = /^(\d+(?:[.,]\d+)?)\s*(g|gsm|g\/m2|g\/m²|lb)?(?:\s+([a-z]+))?$/i.exec(
      text.trim(),
    );
    const amount = Number(wanted?.[1]?.replace(',', '.'));
    const isPounds = wanted?.[2]?.toLowerCase() === 'lb';
    const basis = weightBases.find((each) => each === wanted?.[3]?.toLowerCase());
    const isRead = wanted !== null && (isPounds ? basis !== undefined : wanted[3] === undefined);
    const grams = Math.round(isPounds && basis ? gramsOfPounds(amount, basis) : amount);
    if (!isRead || grams < 30 || grams > 1000)
      return refuse(
        `Weight is 30 to 1000 g, or pounds with their basis, such as 80 lb cover (${weightBases.join(', ')}).`,
      );
    return change({
      gramsPerSquareMetre: grams,
      pounds: poundsOf(amount, isPounds ? basis : undefined),
    });
  },
};

/** The same for what keeps no label in pounds. */
const plainWeightField: ItemField = {
  ...weightField,
  write: (text, leading) => {
    const written = weightField.write(text, leading);
    if (!written.ok) return written;
    const { gramsPerSquareMetre } = written.change;
    return change({ gramsPerSquareMetre });
  },
};

function poundsOf(weight: number, basis: WeightBasis | undefined) {
  return basis === undefined ? null : { weight, basis };
}

const sheetsField: ItemField = {
  key: 'sheets',
  label: 'Sheets it comes in',
  entry: 'text',
  choices: sheetIds,
  isOptional: false,
  read: (item) => (item.kind === 'stock' ? item.sheets.join(' ') : ''),
  write: (text) => {
    const words = text
      .trim()
      .toLowerCase()
      .split(/[\s,;]+/)
      .filter(Boolean);
    const found = sheetIds.filter((id): id is SheetId => words.includes(id));
    return words.length > 0 && words.every((word) => found.some((id) => id === word))
      ? change({ sheets: found })
      : refuse(`Sheets are some of: ${sheetIds.join(' ')}.`);
  },
};

const grainChoice = choiceField('grain', 'Grain', ['long', 'short']);
const grainField: ItemField = {
  ...grainChoice,
  isOptional: true,
  write: (text, leading) =>
    text.trim() === '' ? change({ grain: null }) : grainChoice.write(text, leading),
};

const stepsField: ItemField = {
  key: 'steps',
  label: 'Dies, the largest first',
  entry: 'text',
  choices: [],
  isOptional: false,
  read: (item) =>
    item.kind === 'die-set'
      ? item.steps
          .map(({ width, height }) => writeSizeExact({ width: width.ticks, height: height.ticks }))
          .join('; ')
      : '',
  write: (text, leading): FieldWritten => {
    const sizes = text
      .split(';')
      .filter((part) => part.trim() !== '')
      .map((part) => readSize(part, leading));
    const steps = sizes.flatMap((size) => (size ? [size] : []));
    return steps.length > 0 && steps.length === sizes.length && steps.length <= 60
      ? change({ steps })
      : refuse('Dies are sizes with a semicolon between, such as 4 x 5 1/4 in; 3 3/4 x 5 in.');
  },
};

/** The image box of a stamp, the field of a stencil, an envelope that is closed. */
const sizeField: ItemField = {
  key: 'size',
  label: 'Size',
  entry: 'text',
  choices: [],
  isOptional: false,
  read: (item) =>
    item.kind === 'stamp' || item.kind === 'stencil' || item.kind === 'envelope'
      ? writeSizeExact({ width: item.width.ticks, height: item.height.ticks })
      : '',
  write: (text, leading): FieldWritten => {
    const size = readSize(text, leading);
    return size ? change(size) : refuse('Size is width x height, such as 2 x 3 1/4 in.');
  },
};

/** How a stencil comes again: nothing, a size, or a pitch with the slope of its stripes. */
const repeatField: ItemField = {
  key: 'repeat',
  label: 'Repeats every',
  entry: 'text',
  choices: [],
  isOptional: true,
  read: (item) => {
    if (item.kind !== 'stencil' || item.repeat.kind === 'single') return '';
    const { repeat } = item;
    return repeat.kind === 'grid'
      ? writeSizeExact({ width: repeat.across.ticks, height: repeat.down.ticks })
      : `${writeExact(repeat.pitch.ticks)} stripes at ${repeat.slope}`;
  },
  write: (text, leading): FieldWritten => {
    if (text.trim() === '') return change({ repeat: { kind: 'single' } });
    const stripes = /^(.+?)\s+stripes(?:\s+at\s+(-?\d+(?:\.\d+)?))?$/i.exec(text.trim());
    const pitch = stripes?.[1] === undefined ? undefined : parseLength(stripes[1], leading);
    const slope = Number(stripes?.[2] ?? 0);
    if (pitch?.ok && pitch.length > 0 && Math.abs(slope) <= 90)
      return change({ repeat: { kind: 'stripes', pitch: asTyped(pitch.length), slope } });
    const size = readSize(text, leading);
    return size
      ? change({ repeat: { kind: 'grid', across: size.width, down: size.height } })
      : refuse(
          'It repeats every width x height, such as 1 x 1/2 in, or in stripes, such as 1/2 in stripes at 45; nothing for one picture.',
        );
  },
};

const mostLines = 6;

/** What a sentiment says, its lines with a stroke between them; nothing for a picture. */
const wordsField: ItemField = {
  key: 'words',
  label: 'Words, lines with / between',
  entry: 'text',
  choices: [],
  isOptional: true,
  read: (item) => (item.kind === 'stamp' ? (item.words?.lines.join(' / ') ?? '') : ''),
  write: (text) => {
    const lines = text
      .split('/')
      .map((line) => line.trim())
      .filter(Boolean);
    if (lines.length > mostLines || lines.some((line) => line.length > 60))
      return refuse(`Words are at most ${mostLines} lines of 60 characters, with / between them.`);
    return change({ words: lines.length === 0 ? null : { lines } });
  },
};

const sale = [saleField('from', 'Sold from'), saleField('until', 'Sold until')];

/** How much a colour hides, in per cent; nothing where it hides as its sort usually does. */
const hidesField: ItemField = {
  key: 'hides',
  label: 'Hides, in per cent',
  entry: 'text',
  choices: [],
  isOptional: true,
  read: (item) =>
    'opacity' in item && item.opacity !== null ? String(Math.round(item.opacity * 100)) : '',
  write: (text) => {
    const wanted = text.trim().replace(/\s*%$/, '');
    if (wanted === '') return change({ opacity: null });
    const percent = Number(wanted.replace(',', '.'));
    return percent >= 0 && percent <= 100
      ? change({ opacity: percent / 100 })
      : refuse('It hides 0 to 100 per cent of what is under it; nothing for what its sort does.');
  },
};

const setField: ItemField = {
  key: 'set',
  label: 'Set it is sold in',
  entry: 'text',
  choices: [],
  isOptional: true,
  read: (item) => ('set' in item ? item.set : ''),
  write: (text) =>
    text.trim().length > 60
      ? refuse('The name of a set has at most 60 characters.')
      : change({ set: text.trim() }),
};

/** What an ink stands once it is dry; nothing where that is what its sort usually does. */
const withstandsField: ItemField = {
  key: 'withstands',
  label: 'Stands, once dry',
  entry: 'choice',
  choices: ['alcohol', 'water', 'alcohol water', 'neither'],
  isOptional: true,
  read: (item) => {
    if (item.kind !== 'ink' || item.withstands === null) return '';
    return item.withstands.length === 0 ? 'neither' : item.withstands.toSorted().join(' ');
  },
  write: (text) => {
    const words = text
      .trim()
      .toLowerCase()
      .split(/[\s,;]+|\band\b/)
      .filter(Boolean);
    if (words.length === 0) return change({ withstands: null });
    if (words.length === 1 && words[0] === 'neither') return change({ withstands: [] });
    return words.every((word) => solvents.some((each) => each === word))
      ? change({ withstands: solvents.filter((each) => words.includes(each)) })
      : refuse('It stands alcohol, water, both or neither.');
  },
};

/** What comes in sorts and colours. */
const coloured = (key: string, sorts: readonly string[]): readonly ItemField[] => [
  nameField,
  choiceField(key, 'Sort', sorts),
  colourField('colour', 'Colour'),
];

/** The fields of each kind of item, in the order they are asked for. */
export const itemFields: Readonly<Record<ItemKind, readonly ItemField[]>> = {
  stock: [
    nameField,
    choiceField('paper', 'Sort', paperKinds),
    colourField('colour', 'Colour'),
    colourField('bSide', 'B side', true),
    weightField,
    lengthField('caliper', 'Thickness'),
    choiceField('direction', 'Print runs', ['none', 'one-way']),
    grainField,
    sheetsField,
    ...sale,
  ],
  'die-set': [
    nameField,
    choiceField('cuts', 'Sort', dieKinds),
    stepsField,
    lengthField('stitch', 'Stitched line inside by', true),
    ...sale,
  ],
  stamp: [nameField, choiceField('stamp', 'Sort', stampKinds), sizeField, wordsField, ...sale],
  stencil: [nameField, sizeField, repeatField, ...sale],
  ink: [...coloured('ink', inkKinds), hidesField, withstandsField, setField, ...sale],
  powder: [...coloured('powder', powderKinds), hidesField, setField, ...sale],
  medium: [...coloured('medium', mediumKinds), hidesField, setField, ...sale],
  adhesive: [nameField, choiceField('glue', 'Sort', adhesiveIds), ...sale],
  embellishment: [...coloured('embellishment', embellishmentKinds), ...sale],
  envelope: [
    nameField,
    colourField('colour', 'Colour'),
    sizeField,
    plainWeightField,
    lengthField('caliper', 'Thickness of its paper'),
    ...sale,
  ],
  tool: [
    nameField,
    choiceField('tool', 'Sort', toolKinds),
    lengthField('reach', 'Reaches', true),
    lengthField('depth', 'Other side', true),
    lengthField('mark', 'Marked in', true),
    ...sale,
  ],
  // What it is made of is changed on the Colour station, where it is seen.
  combination: [nameField],
};

/** What each kind is called. */
export const kindNames: Readonly<Record<ItemKind, string>> = {
  stock: 'paper',
  'die-set': 'nested dies',
  stamp: 'stamp',
  stencil: 'stencil',
  ink: 'ink',
  powder: 'powder',
  medium: 'colour',
  adhesive: 'adhesive',
  embellishment: 'embellishment',
  envelope: 'envelope',
  tool: 'tool',
  combination: 'combination',
};
export const itemKinds = Object.keys(kindNames) as ItemKind[];
/** What is added on the Stash itself; combinations are made on cards. */
export const addableKinds = itemKinds.filter((kind) => kind !== 'combination');
