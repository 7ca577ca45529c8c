/** Bands of ink in a run, in threads or millimetres, their edges, and what they average to under a pixel: what stripes, checks and cloths share. */
package org.vatwright.core.band;
