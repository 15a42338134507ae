/** So many zones one piece may have, and so many squares of foam that are laid one by one. */
export const mostZones = 12;
export const mostPlaces = 40;
