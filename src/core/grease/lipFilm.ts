/** Section of the film that a lip wants, mm²: a bead of about 2 mm before it is wiped out (common practice). */
const BEAD_MM2 = 3

/** Grease for the lip of a seal and its journal, ml. */
export const lipFilmMl = (shaftMm: number): number => (Math.PI * shaftMm * BEAD_MM2) / 1000
