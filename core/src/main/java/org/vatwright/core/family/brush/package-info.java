/** Brushwork: what a hand painted, stroke by stroke, on the cell and over its edges. */
package org.vatwright.core.family.brush;
