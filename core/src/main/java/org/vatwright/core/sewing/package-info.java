/** Sewing: where pieces meet, and how the cloth of one is laid so that what is on it goes on over the seam. */
package org.vatwright.core.sewing;
