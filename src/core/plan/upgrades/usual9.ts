/** What version 9 gave to older plans, whatever is usual today: they stay as they were made. */
export const usualSchools9 = { wordsStamped: 'as-listed', keepsGroundsOff: false };
