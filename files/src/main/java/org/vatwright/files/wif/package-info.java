/** Weaving files: WIF 1.1, the open weaving file format, read and written. */
package org.vatwright.files.wif;
