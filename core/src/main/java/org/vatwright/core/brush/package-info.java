/**
 * Strokes of a brush: where the hand went, the way between its points, the dabs along it, and how much of a pixel each dab
 * covers. Lengths are in mm, so that a stroke is the same at every density.
 */
package org.vatwright.core.brush;
