/** What every reader and writer of files shares: limits on what comes in, files replaced only whole. */
package org.vatwright.files.disk;
