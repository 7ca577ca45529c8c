/** What a loom is set up with: warp and weft bands counted in threads, setts as text, the weave that joins them, looks, and how the fabric fits a tile. */
package org.vatwright.core.loom;
