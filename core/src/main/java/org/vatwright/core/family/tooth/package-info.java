/** Tooth as a layer of its own: the roughness of a surface in one ink or several. */
package org.vatwright.core.family.tooth;
