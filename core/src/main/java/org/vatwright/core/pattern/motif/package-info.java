/** Motifs: drawn figures that recur. The first are round. */
package org.vatwright.core.pattern.motif;
