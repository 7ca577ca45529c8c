/** Paints fabrics: crisp threads, threads finer than pixels, turned ones, yarn with thickness and light; and the same as rectangles for vector files. */
package org.vatwright.core.yarn;
