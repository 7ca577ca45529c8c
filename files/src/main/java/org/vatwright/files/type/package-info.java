/** Letter shapes from the fonts that ship with the program. */
package org.vatwright.files.type;
