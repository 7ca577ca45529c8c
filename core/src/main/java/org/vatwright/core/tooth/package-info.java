/**
 * Tooth: the roughness of a surface, as seeded periodic functions of the place. A family draws it in inks, an effect lets it
 * wear the marks of a layer. Values are kept free of inks and of pixels of a screen.
 */
package org.vatwright.core.tooth;
