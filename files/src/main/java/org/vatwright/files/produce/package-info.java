/** Production: jobs, what they will make, and the files they write. */
package org.vatwright.files.produce;
