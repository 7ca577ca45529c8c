/** The view-model: what the window shows and changes, without a toolkit. */
package org.vatwright.desktop.studio;
