/** The recipe of a design: its layers as lines, what is done to several of them, the sheet they are added from. */
package org.vatwright.desktop.recipe;
