/** The window's frame: head, shelf, foot, messages, and the files it opens and saves. */
package org.vatwright.desktop.frame;
