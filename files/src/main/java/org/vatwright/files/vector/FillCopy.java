package org.vatwright.files.vector;

import org.vatwright.core.measure.Density;

/**
 * Which copy of a fill, as a value: equal ones are seen alike wherever in the file they are laid.
 *
 * @param look of the design that fills, or of the one that has the fill
 * @param named the fill, when it is no design
 * @param block so many tiles a side
 * @param tone by which all of it is lightened or darkened
 * @param density at which what is no shape is embedded
 */
record FillCopy(Object look, String named, int block, double tone, Density density) {}
