import { typedLengthSchema } from '../../length/lengthSchema';

/** A length for each side: a border, or what comes off. */
export const sidesShape = {
  left: typedLengthSchema,
  top: typedLengthSchema,
  right: typedLengthSchema,
  bottom: typedLengthSchema,
};
