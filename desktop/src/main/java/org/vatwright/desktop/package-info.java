/** The window of Vatwright. {@code Main} starts it; {@code Window} puts it together. */
package org.vatwright.desktop;
