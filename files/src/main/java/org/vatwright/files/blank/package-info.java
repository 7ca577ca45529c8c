/** Articles of our own drawing, ready to be dressed. */
package org.vatwright.files.blank;
