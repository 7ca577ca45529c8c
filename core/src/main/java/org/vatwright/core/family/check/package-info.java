/** Checks that come from a few numbers: checkerboard, gingham, windowpane, tattersall, shepherd's check, houndstooth. */
package org.vatwright.core.family.check;
