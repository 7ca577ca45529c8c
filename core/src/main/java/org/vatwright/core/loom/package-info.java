/** Bands of ink in a run, repeating or pivoting: what stripes and every cloth of warp and weft bands share. */
package org.vatwright.core.loom;
