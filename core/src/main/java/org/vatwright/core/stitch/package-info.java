/** Stitches: lines beside an outline, stitches along them, threads as they are seen. */
package org.vatwright.core.stitch;
