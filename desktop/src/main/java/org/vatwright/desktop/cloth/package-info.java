/** Cloth on the screen: pictures that keep themselves true, and what lies over them. */
package org.vatwright.desktop.cloth;
