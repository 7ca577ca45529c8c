/** Inspect: the field, its seams, and what was found. */
package org.vatwright.desktop.inspect;
