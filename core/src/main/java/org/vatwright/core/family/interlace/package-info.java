/** Interlace: rings, braids, strips and knots that pass over and under each other. */
package org.vatwright.core.family.interlace;
