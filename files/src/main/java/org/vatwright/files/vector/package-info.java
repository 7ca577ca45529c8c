/** Tiles out as shapes: SVG and PDF, in true size. */
package org.vatwright.files.vector;
