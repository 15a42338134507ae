import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { boughtShape, colourSchema } from './itemShape';
import { pathSchema } from './shape';

const positive = typedLengthSchema.refine(({ ticks }) => ticks > 0, {
  message: 'a repeat needs a length',
});

/** How the openings come again, which tells how far a stencil may be moved along. */
export const repeatSchema = z
  .discriminatedUnion('kind', [
    /** One picture: moved, it does not go on. */
    z.strictObject({ kind: z.literal('single') }),
    /** The same after so much across and so much down. */
    z.strictObject({ kind: z.literal('grid'), across: positive, down: positive }),
    /** Stripes: the same after a pitch square to them, and anywhere along them. */
    z.strictObject({
      kind: z.literal('stripes'),
      pitch: positive,
      slope: z
        .number()
        .min(-90)
        .max(90)
        .meta({ description: 'Degrees the stripes run clockwise from level.' }),
    }),
  ])
  .meta({ id: 'Repeat' });

/** Dots in rows, until its own openings are drawn or imported. */
const plainBox = { width: 100, height: 100 };
const plainOpenings = Array.from({ length: 16 }, (_, at) => {
  const [x, y] = [(at % 4) * 25 + 7.5, Math.floor(at / 4) * 25 + 12.5];
  return `M${x} ${y}a5 5 0 1 0 10 0a5 5 0 1 0 -10 0Z`;
}).join('');

/** A stencil: a sheet with openings that colour goes through, alone or in sequence. */
export const stencilSchema = z
  .strictObject({
    kind: z.literal('stencil'),
    ...boughtShape,
    /** Of the field with the openings, without the rim one holds it by. */
    width: positive,
    height: positive,
    /** The units the openings are drawn in. */
    box: z
      .strictObject({ width: z.number().min(0.001), height: z.number().min(0.001) })
      .default(plainBox),
    repeat: repeatSchema,
    /** One sheet after the other, each registered to the first. */
    layers: z
      .array(
        z.strictObject({
          name: z.string().trim().min(1).max(40),
          openings: pathSchema,
          colour: colourSchema,
        }),
      )
      .min(1)
      .max(6)
      .default([{ name: 'openings', openings: plainOpenings, colour: '#7a8f9c' }]),
  })
  .meta({ id: 'Stencil' });
