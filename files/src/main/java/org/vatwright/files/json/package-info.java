/** JSON with limits and with complaints that name their place. */
package org.vatwright.files.json;
