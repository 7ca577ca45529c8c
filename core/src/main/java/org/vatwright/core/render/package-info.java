/** From a design in a colourway to pixels: tiles at whole pixels, fields at true length. Pure functions. */
package org.vatwright.core.render;
