/** Flow lines: smooth lines whose two ends meet across the tile's edge, with beads, dashes and blobs along them. */
package org.vatwright.core.family.flow;
