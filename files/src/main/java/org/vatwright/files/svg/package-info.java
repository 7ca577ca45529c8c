/** Drawings in SVG, read as flats: closed shapes in mm. Hostile files are refused; nothing outside the file is read. */
package org.vatwright.files.svg;
