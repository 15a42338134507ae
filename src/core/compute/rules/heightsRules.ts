import type { Rule } from '../../findings/finding';
import { twoHeights } from '../../findings/rules/twoHeights';
import { foamSags } from '../../findings/rules/foamSags';
import { foamShort } from '../../findings/rules/foamShort';
import { foamWide } from '../../findings/rules/foamWide';
import { glueBuckles } from '../../findings/rules/glueBuckles';
import { notHeld } from '../../findings/rules/notHeld';
import { paleFoam } from '../../findings/rules/paleFoam';
import { stickyInsert } from '../../findings/rules/stickyInsert';
import { warped } from '../../findings/rules/warped';

/** Rules that read what holds and lifts each piece. */
export const heightsRules: readonly Rule[] = [
  twoHeights,
  foamWide,
  foamShort,
  notHeld,
  stickyInsert,
  foamSags,
  paleFoam,
  glueBuckles,
  warped,
];
