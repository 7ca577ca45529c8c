/** Effects as a line of pictures, with the numbers of one: on a layer of a design, on pieces, on an article. */
package org.vatwright.desktop.effect;
