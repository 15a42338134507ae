import { writeLength } from '../length/formatLength';
import { writeSizeBoth } from '../length/writeBoth';
import { subtractLengths, sumLengths, zeroLength, type Length, type Unit } from '../length/length';
import { adhesive } from '../paper/adhesives';
import type { Layer } from '../post/heightMap';
import { isBeyond, type JudgedClass, type JudgedScheme, type Verdict } from '../post/mail/judge';
import type { MailMeasure, MailScheme } from '../post/mail/mailScheme';
import type { Peak } from '../post/peaks';
import type { PostPlan } from '../post/postPlan';
import type { PostDeed, PostRemedy } from '../post/postRemedy';
import type { Weight, WeightPart } from '../post/weighCard';
import { capitalise, joinWords } from '../words/phrases';

const millimetres = (length: Length) => `${writeLength(length, 'mm')} mm`;

/** Whole grams, a half up; below ten to the tenth. */
export function writeGrams(grams: number): string {
  const size = Math.abs(grams);
  return size < 9.95 ? String(Math.round(size * 10) / 10) : String(Math.round(size));
}

/** For the tab and the sheet. @example '4.6 mm, 23 g' */
export function heightAndWeight({ map, weight }: Pick<PostPlan, 'map' | 'weight'>): string {
  return `${millimetres(map.highest)}, ${writeGrams(weight.grams)} g`;
}

/** One term of the sum that makes a height. */
export interface HeightTerm {
  readonly words: string;
  readonly height: Length;
}

/** What makes up a height, from the front to the back; the leaves of the base are told together, where the first lies. */
export function heightTerms({ layers }: Pick<Peak, 'layers'>): readonly HeightTerm[] {
  const leaves = layers.filter(({ kind }) => kind === 'leaf');
  const first = layers.findIndex(({ kind }) => kind === 'leaf');
  return layers.flatMap((layer, at): readonly HeightTerm[] => {
    if (layer.kind !== 'leaf')
      return layer.height > 0 ? [{ words: nameOf(layer), height: layer.height }] : [];
    if (at !== first) return [];
    return [
      {
        words: leaves.length > 1 ? `base, ${leaves.length} leaves` : 'base',
        height: sumLengths(...leaves.map(({ height }) => height)),
      },
    ];
  });
}

/** The same in a line. @example '6.4 mm = gem 3: 2, top panel: 0.3, foam squares: 1.5, base, 2 leaves: 0.8' */
export function heightSum(peak: Pick<Peak, 'height' | 'layers'>): string {
  const terms = heightTerms(peak).map(
    ({ words, height }) => `${words}: ${writeLength(height, 'mm')}`,
  );
  return `${millimetres(peak.height)} = ${terms.join(', ')}`;
}

function nameOf({ kind, name }: Layer): string {
  return kind === 'air' ? 'air' : (name ?? '');
}

/** What the parts of a weight are called. */
export const weightPartNames: Readonly<Record<WeightPart, string>> = {
  base: 'base',
  papers: 'panels',
  adhesives: 'adhesives',
  embellishments: 'embellishments',
  envelope: 'envelope',
  enclosures: 'enclosures',
};

/** The weight with how far it may be off. @example '28 g, ± 2 g' */
export function weightWords({ grams, tolerance }: Pick<Weight, 'grams' | 'tolerance'>): string {
  return `${writeGrams(grams)} g, ± ${writeGrams(tolerance)} g`;
}

/** The month of its rules, as one says it. @example 'rules as of November 2026, from memory' */
export function rulesOf({ asOf }: MailScheme): string {
  const [year, month] = asOf.split('-');
  return `rules as of ${months[Number(month) - 1] ?? ''} ${year ?? ''}, from memory`;
}

const months = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

const tooLittle: Readonly<Record<'long' | 'short' | 'thickness' | 'sum', string>> = {
  long: 'too short by',
  short: 'too narrow by',
  thickness: 'too thin by',
  sum: 'too small by',
};

const tooMuch: Readonly<Record<keyof typeof tooLittle, string>> = {
  long: 'too long by',
  short: 'too wide by',
  thickness: 'too thick by',
  sum: 'too large in all by',
};

const measureNames: Readonly<Record<MailMeasure, string>> = {
  long: 'how long it may be',
  short: 'how wide it may be',
  thickness: 'how thick it may be',
  sum: 'how large it may be in all',
  ratio: 'how square it may be',
  weight: 'how heavy it may be',
  evenness: 'how uneven it may be',
  rigidity: 'whether it bends as far as it has to',
};

/** How a piece stands to one limit it is beyond, or that is not known. @example 'too thick by 0.4 mm' */
export function verdictWords(verdict: Verdict, unit: Unit): string {
  if (verdict.side === 'not-known') return `${measureNames[verdict.measure]} is not known`;
  if (verdict.measure === 'weight') {
    const { marginGrams } = verdict;
    return `${writeGrams(marginGrams)} g ${marginGrams < 0 ? 'over' : 'under'}`;
  }
  if (verdict.measure === 'ratio') {
    const [long, short] = verdict.limit;
    const bound = `${verdict.side === 'least' ? 'at least' : 'at most'} ${long / short}`;
    if (verdict.isWithin) return `${verdict.ratio.toFixed(2)} to 1, ${bound} wanted`;
    const what = verdict.side === 'least' ? 'too square' : 'too long for its width';
    return `${what}: ${verdict.ratio.toFixed(2)} to 1, not ${bound}`;
  }
  const { measure, margin, side } = verdict;
  if (measure === 'evenness') {
    const above = millimetres(subtractLengths(verdict.limit, margin));
    return `${margin < 0 ? 'uneven' : 'even enough'}: its highest point is ${above} above half of it`;
  }
  const inUnit = (length: Length) =>
    measure === 'thickness' ? millimetres(length) : `${writeLength(length, unit)} ${unit}`;
  if (margin >= 0) return `${inUnit(margin)} ${side === 'most' ? 'under' : 'over the least'}`;
  const beyond = subtractLengths(zeroLength, margin);
  return `${(side === 'most' ? tooMuch : tooLittle)[measure]} ${inUnit(beyond)}`;
}

/**
 * How a piece stands to a class: all it is beyond of, else what is left of thickness and weight.
 * @example '1 mm under, 71 g under'
 */
export function classWords({ stands, verdicts }: JudgedClass, unit: Unit): string {
  if (stands === 'beyond')
    return joinWords(verdicts.filter(isBeyond).map((each) => verdictWords(each, unit)));
  return verdicts
    .filter(
      ({ measure, side }) => side === 'most' && (measure === 'thickness' || measure === 'weight'),
    )
    .map((each) => verdictWords(each, unit))
    .join(', ');
}

/** What of a class is not known, each once; nothing where all is. */
export function unknownWords({ verdicts }: JudgedClass, unit: Unit): string {
  return joinWords(
    verdicts.filter(({ side }) => side === 'not-known').map((each) => verdictWords(each, unit)),
  );
}

/** A change as the words on its button, with the height that comes of it. @example 'Thin foam for foam squares, 3.9 mm' */
export function postRemedyWords(
  { deeds, height }: Pick<PostRemedy, 'deeds' | 'height'>,
  unit: Unit,
): string {
  const words = deeds.map((deed) => deedWords(deed, unit)).join(', ');
  return `${capitalise(words)}, ${millimetres(height)}`;
}

const flatNames = { gem: 'gems', drop: 'drops', dot: 'dots', sequin: 'sequins', splatter: '' };

/** What is done, said as one says it on a button. @example 'thin foam for foam squares' */
export function deedWords(deed: PostDeed, unit: Unit): string {
  switch (deed.code) {
    case 'thinner':
      return `${adhesive(deed.to).name} for ${adhesive(deed.from).name}`;
    case 'flatter':
      return `sequins for ${flatNames[deed.look]}`;
    case 'without':
      return `no ${flatNames[deed.look]}`;
    case 'flat-bow':
      return 'a flat bow';
    case 'bow-along':
      return `the bow ${writeLength(deed.to, unit)} ${unit} from the ${deed.from}`;
    case 'envelope':
      return deed.name;
    default:
      throw new TypeError(`deedWords: unknown ${JSON.stringify(deed satisfies never)}`);
  }
}

/** What the project sheet tells of a card that is sent, a sentence each; the month of the rules stands with each class. */
export function postSentences(post: PostPlan, unit: Unit): readonly string[] {
  const { peaks, weight, envelopes, schemes } = post;
  const [peak] = peaks;
  const { chosen } = envelopes;
  const how = chosen ? 'with its envelope' : 'without an envelope';
  return [
    ...(peak ? [`Height of the closed card: ${heightSum(peak)}.`] : []),
    `Weight ${weightWords(weight)}, ${how}.`,
    chosen
      ? `Envelope: ${chosen.envelope.name}, ${writeSizeBoth(chosen.envelope.size, unit)}.`
      : 'No envelope there is holds it.',
    ...schemes.map(
      (scheme) =>
        `${scheme.of.name}: ${standingWords(scheme, unit)} (${rulesOf(scheme.of)}; check with your post office).`,
    ),
  ];
}

/**
 * The same in the least room, for a print.
 * @example 'Post: 6.4 mm, 23 g, ± 2 g; A2 envelope. United States: Letter; … (rules as of …, from memory; check with your post office).'
 */
export function postLine(post: PostPlan): string {
  const { map, weight, envelopes, schemes } = post;
  const rules = [...new Set(schemes.map(({ of }) => rulesOf(of)))].join(', ');
  const classes = schemes.map(({ of, cheapest }) => {
    const name = cheapest?.of.name ?? 'beyond every class';
    return `${of.name}: ${name}${cheapest?.stands === 'unsure' ? ', not all limits known' : ''}`;
  });
  return (
    `Post: ${millimetres(map.highest)}, ${weightWords(weight)}; ` +
    `${envelopes.chosen?.envelope.name ?? 'no envelope there is holds it'}. ` +
    `${classes.join('; ')} (${rules}; check with your post office).`
  );
}

/** The class of an authority a piece falls into. */
function standingWords({ cheapest }: JudgedScheme, unit: Unit): string {
  if (!cheapest) return 'beyond every class';
  const { of, stands } = cheapest;
  return stands === 'unsure' ? `${of.name}, though ${unknownWords(cheapest, unit)}` : of.name;
}
