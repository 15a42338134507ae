import { formatInches, writeLength, writeSize } from '../../core/length/formatLength';
import {
  TICKS_PER_INCH,
  TICKS_PER_MILLIMETRE,
  type Length,
  type Unit,
} from '../../core/length/length';
import type { Finding, FindingData } from '../../core/findings/finding';
import { sheetOf } from '../../core/paper/sheets';
import { faceName, sides, type Side } from '../../core/plan/faces';
import { dayWords } from '../../core/prose/dayWords';
import { classWords } from '../../core/prose/postWords';
import { writeReveals } from '../../core/prose/sentences';
import { amountWords } from '../../core/prose/supplyWords';
import { writeArea } from '../../core/words/areaWords';
import { countWords } from '../../core/words/countWords';
import { stripWords } from '../../core/words/stripWords';
import { capitalise, joinWords } from '../../core/words/phrases';
import { stepFindingSentence } from './stepFindingSentence';

/** What was found and why it matters, in one plain sentence. */
export function findingSentence({ data, subject }: Finding, unit: Unit): string {
  const { name } = subject;
  const piece = `${name} ${subject.letter}`.trim();
  const other = subject.kind === 'pair' ? subject.other : noOther;
  const otherPiece = `${other.name} ${other.letter}`.trim();
  const write = (length: Length) => writeLength(length, unit);
  switch (data.rule) {
    case 'impossible-piece':
      return `${piece} ${impossibleReason(data.reason, unit)}`;
    case 'missing-stock':
      return `${piece}: its stock “${data.libraryId}” is not in the stash, so colour and thickness are guesses. Choose another.`;
    case 'larger-than-support': {
      const sides = data.over.map(({ side, by }) => `${writeLength(by, unit)} ${sideWords[side]}`);
      return `${piece} sticks out over ${data.supportLetter} by ${sides.join(', ')}.`;
    }
    case 'unequal-borders':
      return `${piece}: the border on ${data.supportLetter} is ${writeReveals(data.reveals, unit)}.`;
    case 'off-trimmer-marks': {
      const shown = writeSize(data.size, unit);
      const axes = data.off.length === 2 ? 'both sides are' : `the ${data.off[0]} is`;
      return `${piece}, ${shown}: ${axes} between the trimmer’s marks (${data.marks.map(writeMark).join(' or ')}).`;
    }
    case 'thin-reveal':
      return `${piece}: ${write(data.reveal)} of ${data.supportLetter} shows ${joinWords(data.sides.map((side) => sideWords[side]))}, too little to be seen as a border.`;
    case 'hidden-layer':
      return `${piece} is never seen: ${otherPiece} covers it whole.`;
    case 'liner-at-score':
      return data.reveal < 0
        ? `${piece} crosses the score by ${write(-data.reveal as Length)}, where folding would crease it.`
        : `${piece} keeps ${write(data.reveal)} off the score, but ${write(data.elsewhere)} off the other edges.`;
    case 'near-colours':
      return `${piece} has nearly the colour of ${data.supportLetter}, so its border is hardly seen.`;
    case 'sheet-too-small': {
      const sheets = data.sheets.map((id) => sheetOf(id).name);
      return `${piece}, ${writeSize(data.size, unit)}: no ${joinWords(sheets, 'or')} of ${data.stock} gives it in one piece. ${[joinWay(data.join, unit), otherWay(data)].filter(Boolean).join(' ') || 'Make it smaller, or add another stock to the stash.'}`;
    }
    case 'sale-ends':
      return `${name} is sold until ${dayWords(data.until)}, and the tutorial comes on ${dayWords(data.publishOn)}. Say so in it, or take something else.`;
    case 'newer-version':
      return data.isTrimmed
        ? `The stash has newer versions, trimmed to what they print or cut, of ${name}${data.others > 0 ? ` and ${countWords(data.others, 'other')}` : ''}. Taken over, everything stays where it is.`
        : `The stash has a newer version of ${name} than this card was made with.`;
    case 'cut-out':
      return data.reason === 'nothing-on-it'
        ? `${piece}: nothing lies on it, so its cut-out middle would be seen.`
        : `${piece}: a rim of ${write(data.rim)} leaves no middle to cut out.`;
    case 'overhang':
      return `${piece} reaches ${write(data.by)} over the card ${sideWords[data.side]}; an envelope would bend it. Trim it, or keep it inside.`;
    case 'off-paper':
      return offPaperWords(piece, data, unit);
    case 'same-place':
      return `${piece} lies exactly on ${otherPiece}, so one of them is not seen. Move it, or turn it off.`;
    case 'words-covered':
      if (data.by === 'thing') return `${piece} is covered by ${otherPiece}. Move one of them.`;
      return data.by === 'image'
        ? `${piece} lies on ${otherPiece}, so it is hard to read. Move one of them.`
        : `${piece}: ${data.by === 'pattern' ? `${otherPiece} is under it` : 'the paper under it is printed'}, so it is hard to read. Put it on a strip of its own.`;
    case 'window-uncovered':
      return data.reach < 0
        ? `${data.by} ends ${write(-data.reach as Length)} short ${sideWords[data.side]} in the window of ${piece}. Let it reach ${write(data.overlap)} beyond the rim.`
        : data.reach === 0
          ? `${data.by} ends just at the edge of the window of ${piece} ${sideWords[data.side]}; ${write(data.overlap)} beyond it is safe.`
          : `${data.by} reaches only ${write(data.reach)} beyond the window of ${piece} ${sideWords[data.side]}; ${write(data.overlap)} is safe.`;
    case 'short-end':
      return data.reach < 0
        ? `${piece} leaves a slit of ${write(-data.reach as Length)} to ${otherPiece} ${sideWords[data.side]}. Cut it longer, or move ${otherPiece}.`
        : data.reach === 0
          ? `${piece} ends just at the edge of ${otherPiece} ${sideWords[data.side]}; ${write(data.overlap)} under it is safe.`
          : `${piece} reaches only ${write(data.reach)} under ${otherPiece} ${sideWords[data.side]}; ${write(data.overlap)} is safe.`;
    case 'image-short':
      return `${piece} ends ${write(data.gap)} above the foot of its opening. Let it down, or draw a ground under it.`;
    case 'two-heights':
      return `${piece} lies partly on ${otherPiece}, ${write(data.height)} higher, so it stands aslant. Lift its other end as much.`;
    case 'foam-wide':
      return `${piece}: foam ${write(data.foam)} wide shows beyond ${write(data.rim)}. Cut the foam narrower, or take a sheet cut to the piece.`;
    case 'foam-short':
      return `${piece}: ${data.short} of ${data.pads} pads ${data.short === 1 ? 'ends' : 'end'} ${write(data.gap)} under it, since others stand higher. Take foam that reaches.`;
    case 'not-held':
      return `Nothing holds ${piece}: no adhesive is under it, and no pocket over it.`;
    case 'sticky-insert':
      return `${piece} sticks to ${otherPiece}, which is to be put in and taken out. Leave it open there.`;
    case 'foam-sags':
      return `${piece} has nothing under it for ${write(data.free)} round one place, so it sags in the post. Put foam there, or a sheet under all of it.`;
    case 'pale-foam':
      return `${piece} is dark: white foam shows under its edge ${allSides(data.sides)}, seen from lower than ${data.from}°. Take dark foam, colour its edge, or put it further in.`;
    case 'glue-buckles':
      return `${piece}: a bead of liquid glue brings paper of ${data.weight} g/m² ${Math.round(data.share * 100)} % of its weight in water, so it buckles. Take less, or tape.`;
    case 'warped':
      return `${piece} saw the heat tool, so it is warped and lifts at its edges. Glue it all round, take a foam sheet, or press it flat under plain paper first.`;
    case 'blocked':
      return `${piece} ${blockedWords(data)}`;
    case 'too-large':
      return data.tool === 'press'
        ? `${piece}, ${writeSize(data.size, unit)}: the die press takes ${write(data.most)}.`
        : `${piece}, ${writeSize(data.size, unit)}: the stamping platform prints ${writeSize(data.most, unit)}. Stamp it by hand, or in parts.`;
    case 'no-die':
      return data.die === undefined
        ? `${piece}: no die of the stash is made for ${data.stamp}, so it takes scissors and time, or is left out.`
        : `${piece} is cut with scissors, though ${data.die} is in the stash.`;
    case 'stencil-short':
      return `${piece}: ${stencilReasons[data.reason]}`;
    case 'lost-on-ground':
      return data.isWords
        ? `${piece} has nearly the colour of its paper and is not read.`
        : `${piece} is lost on a similar ground. Give it a light outline, a shadow at one side or a pale halo, or a mat in the ink’s darkness.`;
    case 'ink-unfit':
      return data.solvent === 'alcohol'
        ? `${piece} is printed in ${data.ink}, which alcohol markers loosen: its lines will smear.`
        : `${piece} is printed in ${data.ink}, which water loosens: its lines will run.`;
    case 'muddy-blend':
      return `${piece}: ${data.one} and ${data.two} lose ${Math.round(data.loss * 100)} % of their colour where they meet.`;
    case 'colour-gap':
      return `${data.name}, on ${piece}: from ${data.from} to ${data.to} in lightness there is nothing between, so the step shows. Add a colour between.`;
    case 'uncoloured':
      return `${piece}: ${data.parts} not coloured yet. Colour what is left, or leave it so on purpose.`;
    case 'hard-to-read':
      return `${piece} stands out from what is under it by ${data.worst.toFixed(1)} to 1 at the worst place, ${data.average.toFixed(1)} on average; words read from 3 on.`;
    case 'medium-unfit':
      return `${piece}: ${unfitSentence(data)}`;
    case 'fast-ink-powder':
      return `${piece}: ${data.ink} dries before ${data.powder} holds all over, so it falls off in patches. Take an ink that stays wet, or leave it where you like it worn.`;
    case 'fine-on-chalk':
      return `${piece}: fine lines in ${data.ink} come out weak on ${data.ground}, which is chalky. Stamp them twice, take a darker ink, or lay the ground in a transparent one.`;
    case 'words-near-edge':
      return data.isTooShort
        ? `${piece} is too large for ${data.supportLetter}: it needs ${write(data.margin)} on every side. Make the words smaller, set them on more lines, or take a longer strip.`
        : `${piece} keeps ${data.least < 0 ? 'nothing' : write(data.least)} ${joinWords(data.sides.map((side) => sideWords[side]))} of ${data.supportLetter}; ${write(data.margin)} is usual.`;
    case 'word-slope':
      return `${piece} slopes by ${data.degrees}°; one degree is seen.`;
    case 'off-centre':
      return `${piece} stands ${write(data.by)} off the middle ${data.axis === 'x' ? 'across' : 'down'}.`;
    case 'short-supply':
      return data.unit === 'use'
        ? `${name} is not in the stash any more. Get it, or take something else.`
        : `${name}: the batch takes ${amountWords(data.batch, data.unit, data.sheet)}, ${amountWords(data.lacking, data.unit, data.sheet)} more than the stash has. Get more, or make fewer.`;
    case 'order-circle':
      return `${joinWords(data.names)} each have to be stamped before the next, and the last before the first. Turn two of them about, or let two cross.`;
    case 'against-kind':
      return `${piece} ${againstKindWords(data)}`;
    case 'prints-cross':
      return `${piece} crosses ${otherPiece} on ${writeArea(data.area, unit)}, where both are too spindly for a mask. Move one of them, or let them cross.`;
    case 'words-masked':
      return `${piece} is stamped over the mask of ${otherPiece}, so parts of letters will be missing. Stamp the words first, or move them.`;
    case 'ground-over-image':
      return `${piece} has ${otherPiece} laid over it and takes its colour. Cover it with a mask, or let it take the colour.`;
    case 'strips-bare':
      return data.why === 'lost'
        ? `${piece} is inked in no strip that ${data.scene} has, so it is not seen. Tick the strips it belongs in, on Masks.`
        : `Nothing is inked in ${stripWords(data.strips)} of ${data.scene}, so the paper shows there. Ink it, or take a line away.`;
    case 'strips-together':
      return `${capitalise(stripWords(data.strips))} of ${data.scene} lie side by side and are open together, so the ink of one runs into the other. Open them one after the other.`;
    case 'mask-on-wet':
      return `${piece} is printed in ${data.ink}, which stays wet, and mask ${data.mask} is laid on it. Dry it with heat first, or print it in an ink that dries fast.`;
    case 'mask-halo':
      return `Masks are cut ${writeLength(data.inset, unit)} ${unit} inside the line, nearer than a hand cuts, so a pale rim stays where they reach beyond it. Cut them half a millimetre inside.`;
    case 'small-parts':
      return `${piece} has a ${data.part} that may come off, and the card is for a child under three: small parts are swallowed, and a swallowed magnet is an emergency. Leave it out.`;
    case 'over-class':
      return `It does not go as ${data.class.of.name}, ${data.scheme}: ${classWords(data.class, unit)}. Bring it back, or send it dearer; check with your post office.`;
    case 'envelope-small': {
      const wanted = `${writeSize(data.wanted, unit)} ${unit}`;
      if (data.name === undefined)
        return `No envelope there is holds the card with its height. It wants one of ${wanted} at least.`;
      const lacking = [
        ...(data.long > 0 ? [`${writeLength(data.long, unit)} ${unit} too short`] : []),
        ...(data.short > 0 ? [`${writeLength(data.short, unit)} ${unit} too narrow`] : []),
      ];
      return `${data.name} is ${joinWords(lacking)} for the card with its height. It wants one of ${wanted} at least.`;
    }
    case 'square-post':
      return `Its envelope is ${data.ratio.toFixed(2)} to 1, so square that it costs more by letter post in the United States. Send it in an oblong one, or reckon with the surcharge.`;
    case 'crushed':
      return data.what === 'bow'
        ? `The bow of ${piece} stands up and is pressed flat in an envelope. Tie a flat one, or send it in a box.`
        : `${piece} stands on a spring, which an envelope presses flat and may bend. Send it in a box.`;
    case 'order-broken':
    case 'orders-contradict':
    case 'step-left-out':
    case 'override-lost':
    case 'evening-short':
    case 'date-missed':
      return stepFindingSentence(data, name);
    case 'even-number':
      return `${data.count} gems or dots; odd numbers look settled. Add one, or take one away.`;
    case 'easier-figures': {
      const marks = data.unit === 'in' ? 'eighths' : 'whole millimetres';
      const [only, ...more] = data.sizes;
      return only && more.length === 0
        ? `${piece}, ${writeSize(only.before, unit)}: easier in ${marks} as ${writeSize(only.after, unit)}, its border ${writeReveals(only.revealsAfter, unit)} instead of ${writeReveals(only.revealsBefore, unit)}.`
        : `${data.sizes.length} layers are easier to cut in ${marks}: ${joinWords(data.sizes.map(({ letter }) => letter))}.`;
    }
    default:
      throw new TypeError(
        `findingSentence: unknown finding ${JSON.stringify(data satisfies never)}`,
      );
  }
}

function againstKindWords({
  because,
  other,
}: Extract<FindingData, { rule: 'against-kind' }>): string {
  switch (because) {
    case 'under-dark':
      return `is stamped before ${other}, which is lighter: stamped last it hides it and takes no mask.`;
    case 'under-opaque':
      return `is stamped before ${other}, though its ink covers that: stamped last it takes no mask.`;
    case 'pale-late':
      return `is stamped before ${other}; pale texture goes over everything, late, and takes no mask.`;
    case 'before-background':
      return `is stamped before ${other}, which lies in front of it: the background would cross the image.`;
    default:
      return `is made before ${other}, which is the wrong way about.`;
  }
}

function offPaperWords(
  piece: string,
  { supportLetter, by, isWhole, others }: Extract<Finding['data'], { rule: 'off-paper' }>,
  unit: Unit,
): string {
  const all = others > 0 ? `${piece} and ${countWords(others, 'other')} of its group` : piece;
  const [lie, reach, it] = others > 0 ? ['lie', 'reach', 'them'] : ['lies', 'reaches', 'it'];
  return isWhole
    ? `${all} ${lie} beside ${supportLetter}, on nothing. Move ${it} onto it, or put ${it} on another piece.`
    : `${all} ${reach} ${writeLength(by, unit)} over the edge of ${supportLetter}. Move ${it} in, or leave ${it} where that is meant.`;
}

/** Stands where a finding is about one piece only. */
const noOther = { letter: '', name: '' };

const stencilReasons: Readonly<
  Record<Extract<Finding['data'], { rule: 'stencil-short' }>['reason'], string>
> = {
  single: 'it is one picture and smaller than what it is to colour, so it cannot go on.',
  'long-repeat': 'it repeats after more than its own size, so it cannot be moved to go on.',
  'too-many': 'it is so small that it would be moved hundreds of times.',
};

function blockedWords({ motion, issue }: Extract<Finding['data'], { rule: 'blocked' }>): string {
  switch (issue.kind) {
    case 'held':
      return `is held by ${issue.by}, which is glued over it. Put ${issue.by} somewhere else, or on it.`;
    case 'in-the-way':
      return {
        flap: `cannot open flat: ${issue.by} is in its way and higher than its hinge.`,
        slider: `cannot slide its whole way: ${issue.by} stands on its track.`,
        wobbler: `has no room to sway: ${issue.by} stands beside it and as high.`,
      }[motion];
    case 'spring-seen':
      return 'does not hide its spring on all sides. Take a smaller spring, or a larger figure.';
    default:
      throw new TypeError(`blockedWords: unknown ${JSON.stringify(issue satisfies never)}`);
  }
}

type TooSmall = Extract<Finding['data'], { rule: 'sheet-too-small' }>;

/** Where a piece is made of two, and what hides the join: all of it, or all but so much. */
function joinWay(join: TooSmall['join'], unit: Unit): string {
  if (!join) return '';
  const from = join.axis === 'x' ? 'the left' : 'the top';
  const hidden =
    join.under === undefined
      ? 'where nothing hides it'
      : join.seen > 0
        ? `hidden under ${join.under} but for ${writeLength(join.seen, unit)}`
        : `hidden under ${join.under}`;
  return `Make it of two, joined ${writeLength(join.at, unit)} from ${from}, ${hidden}.`;
}

function otherWay({ join, other }: TooSmall): string {
  if (other === undefined) return '';
  return `${join ? 'Or cut' : 'Cut'} it from ${other}.`;
}

const allSides = (some: readonly Side[]) =>
  some.length === sides.length ? 'all round' : joinWords(some.map((side) => sideWords[side]));

const sideWords = {
  left: 'on the left',
  top: 'at the top',
  right: 'on the right',
  bottom: 'at the bottom',
} as const;

function impossibleReason(
  reason: Extract<Finding['data'], { rule: 'impossible-piece' }>['reason'],
  unit: Unit,
): string {
  switch (reason.code) {
    case 'circle':
      return 'takes its figures from itself, through what it lies on or goes round.';
    case 'nothing-under':
      return 'is glued to a piece that is no longer there.';
    case 'nothing-inside':
      return 'is sized round a piece that is no longer there.';
    case 'no-face':
      return `lies on the ${faceName(reason.face, 'side')}, which this fold does not have.`;
    case 'no-die':
      return 'is sized by a die that is not in the stash.';
    case 'no-size': {
      const axis = reason.width <= 0 ? 'width' : 'height';
      const over = -reason[axis] as Length;
      return over === 0
        ? `comes out with no ${axis}: its border takes it all. Make the border smaller.`
        : `comes out with no ${axis}: its border takes ${writeLength(over, unit)} more than there is. Make the border smaller.`;
    }
    case 'no-stamp':
      return 'is the print of a stamp that is not in the stash.';
    case 'no-stencil':
      return 'goes through a stencil that is not in the stash.';
    case 'nothing-shown':
      return 'has nothing left to see. Mask less of it off, or give it some words.';
    case 'no-neighbour':
      return 'is placed beside a piece that is not on this face any more.';
    case 'below':
      return 'waits for the piece under it.';
    default:
      throw new TypeError(`impossibleReason: unknown ${JSON.stringify(reason satisfies never)}`);
  }
}

/** A mark in the unit it belongs to. */
function writeMark(mark: Length): string {
  if (mark % TICKS_PER_MILLIMETRE === 0 || TICKS_PER_MILLIMETRE % mark === 0)
    return `${mark / TICKS_PER_MILLIMETRE} mm`;
  return TICKS_PER_INCH % mark === 0
    ? `${formatInches(mark).text} in`
    : `${writeLength(mark, 'in')} in`;
}

function unfitSentence(data: Extract<FindingData, { rule: 'medium-unfit' }>): string {
  switch (data.why) {
    case 'surface':
      return `${data.name} does not dry on ${data.on}. Take a solvent ink.`;
    case 'light-on-dark':
      return `${data.name} is transparent, and this paper is darker than it: it is hardly seen. Take an opaque ink.`;
    case 'no-undercoat':
      return `${data.name} is transparent and sinks into this paper. Lay something opaque under it.`;
    case 'pen-on-chalk':
      return `${data.name} clogs on ${data.on}, which is chalky. Take a paint pen, or leave the place free of it.`;
    case 'shimmer-on-pen':
      return `shimmer over ${data.name} bleeds and goes grey. Leave it out, or take a clear gloss.`;
    default:
      throw new TypeError(`unfitSentence: unknown ${JSON.stringify(data satisfies never)}`);
  }
}
