/** Working pressure and its ceiling where the maker of the reservoir says nothing; what a catch bottle holds (common practice, no source). */
export const USUAL_PRESSURE_KPA = 103;
export const USUAL_CEILING_KPA = 200;
export const USUAL_CATCH_ML = 500;

/** Between the marks of an ordinary reservoir; what a pot keeps under its outlet; half a master's stroke (common practice, no source). */
export const USUAL_RESERVOIR_ML = 200;
export const POT_DEAD_ML = 100;
export const HALF_STROKE_MM = 15;
