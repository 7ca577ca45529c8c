/**
 * What blocks, zigzags, interlace and flow lines share: a unit that recurs by a lattice of its own, at any angle, laid on
 * the tile of the design so that it closes.
 */
package org.vatwright.core.laid;
