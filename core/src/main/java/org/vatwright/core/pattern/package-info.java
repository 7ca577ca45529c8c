/**
 * The model of a design: layers, inks, and what every structure can do. Immutable throughout; a record refuses what it
 * cannot be when it is made. The families of structures stand in packages below this one and never import each other.
 */
package org.vatwright.core.pattern;
