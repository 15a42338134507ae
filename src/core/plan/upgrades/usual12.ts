/** What version 12 gave to older plans, whatever is usual today: they stay as they were made. */
export const usualWorkHabits12 = {
  embosses: 'first',
  heatsPowder: 'together',
  dries: 'air',
  dieCuts: 'by-image',
  air: 'usual',
  stepMinutes: {},
};
