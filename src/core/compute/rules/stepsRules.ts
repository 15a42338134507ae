import type { Rule } from '../../findings/finding';
import { dateMissed } from '../../findings/rules/dateMissed';
import { eveningShort } from '../../findings/rules/eveningShort';
import { orderBroken } from '../../findings/rules/orderBroken';
import { ordersContradict } from '../../findings/rules/ordersContradict';
import { overrideLost } from '../../findings/rules/overrideLost';
import { stepLeftOut } from '../../findings/rules/stepLeftOut';

/** Rules that read the order of work, and the evenings it is laid into. */
export const stepsRules: readonly Rule[] = [
  orderBroken,
  ordersContradict,
  stepLeftOut,
  overrideLost,
  eveningShort,
  dateMissed,
];
