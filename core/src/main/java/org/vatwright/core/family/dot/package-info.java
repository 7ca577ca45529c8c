/** Dots on a small grid of the cell. */
package org.vatwright.core.family.dot;
