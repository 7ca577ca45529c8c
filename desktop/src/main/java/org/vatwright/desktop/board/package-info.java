/** The board on which one motif is drawn: its shapes, their points, rests and mirrors. */
package org.vatwright.desktop.board;
