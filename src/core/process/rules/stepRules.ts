import type { StepRule } from '../arrow';
import { assembling } from './assembling';
import { colouring } from './colouring';
import { cutFirst } from './cutFirst';
import { decoratedFirst } from './decoratedFirst';
import { dieCuts } from './dieCuts';
import { dotsAfterWords } from './dotsAfterWords';
import { embossing } from './embossing';
import { embossOnDry } from './embossOnDry';
import { insideFirst } from './insideFirst';
import { lastThings } from './lastThings';
import { penOnDry } from './penOnDry';
import { pressed } from './pressed';
import { printOrder } from './printOrder';
import { ribbons } from './ribbons';
import { testFirst } from './testFirst';
import { trimming } from './trimming';
import { twoPowders } from './twoPowders';
import { wetLast } from './wetLast';

/** Every rule of the order of work. */
export const stepRules: readonly StepRule[] = [
  cutFirst,
  dieCuts,
  printOrder,
  embossing,
  twoPowders,
  embossOnDry,
  colouring,
  penOnDry,
  dotsAfterWords,
  decoratedFirst,
  trimming,
  assembling,
  ribbons,
  insideFirst,
  pressed,
  wetLast,
  testFirst,
  lastThings,
];
