/** Pictures made into tiles: seams crossed over, mirrored or healed, evened out, reduced to few inks, cut out. */
package org.vatwright.core.picture;
