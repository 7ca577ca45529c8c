/**
 * Cell, arrangement and tile, in millimetres, y down. "Torus" means that the tile's left edge is its right edge and its
 * top edge its bottom edge.
 */
package org.vatwright.core.repeat;
