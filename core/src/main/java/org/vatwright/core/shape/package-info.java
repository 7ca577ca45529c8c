/**
 * Drawings: filled shapes on the torus of a tile, and what paints them by their exact area. Shapes that abut are laid as
 * one, so that nothing shows through between them.
 */
package org.vatwright.core.shape;
