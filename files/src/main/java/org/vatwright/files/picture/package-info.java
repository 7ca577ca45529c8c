/** Pictures in and out, in open formats, with limits on the way in and density and profile on the way out. */
package org.vatwright.files.picture;
