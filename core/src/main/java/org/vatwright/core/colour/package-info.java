/**
 * Colours, the spaces they are compared and changed in, palettes and colourways. sRGB outside, linear light where areas
 * are averaged, OKLab where colours are changed, CIE Lab (D50) where they are typed or compared.
 */
package org.vatwright.core.colour;
