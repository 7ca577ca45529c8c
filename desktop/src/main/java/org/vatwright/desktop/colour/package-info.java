/** Colour: the table of colourways and the colour editor. */
package org.vatwright.desktop.colour;
